import type { Job } from '@hold-fast/core/job/job';
import { nameOf } from '@hold-fast/core/fluid/families';
import { fluidWanted } from '@hold-fast/core/plan/fluidWanted';
import { shortOf } from '@hold-fast/core/stock/stock';
import { atEachEnd, type End } from '@hold-fast/core/ends';
import { axleOf } from '@hold-fast/core/kit/brakes';
import { brakesOf } from '@hold-fast/core/job/visit';
import { layOut } from '@hold-fast/core/plan/layOut';
import type { Plan } from '@hold-fast/core/plan/planner';
import { staysFor } from '@hold-fast/core/plan/stays';
import { STEPS } from '@hold-fast/core/procedure/steps';
import { StyleSheet, View } from 'react-native';
import { useContainers, useStock } from '../../../data/queries';
import { today } from '../../../data/today';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { color, size, space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { capital } from '../../../words/capital';
import { planningWords } from '../../../words/planning';

/** The one list of steps that all of it comes to, with what to lay out for it. */
export function PlanList({ job, plan, naive }: { job: Job; plan: Plan; naive: Plan | null }) {
  const stock = useStock();
  const containers = useContainers();
  const kinds = brakesOf(job);
  const brakeAt = (end: End) => ({
    kind: kinds[end],
    family: job.identified[end]?.sheet.body.fluid?.fluid.family ?? null,
  });
  const { tools, consumables, parts, cautions } = layOut(
    plan.steps,
    atEachEnd(brakeAt),
    job.bike.motor,
  );
  const short = shortOf(
    parts.map(({ part }) => part),
    stock.data ?? [],
  );
  const brakes = atEachEnd((end) => {
    const sheet = job.identified[end]?.sheet.body;
    return sheet ? { ...sheet, axle: axleOf(job.bike, end) } : null;
  });
  if (plan.steps.length === 0)
    return (
      <Section label={planningWords.planList.benchTime}>
        <Words ink="soft">{planningWords.planList.allOfItIsDone}</Words>
      </Section>
    );
  const saved = naive ? setUpsIn(naive) - setUpsIn(plan) : 0;
  const spared = naive ? Math.round(naive.minutes - plan.minutes) : 0;
  return (
    <>
      <Section label={planningWords.planList.benchTime}>
        <View style={styles.total}>
          <Words kind="giant">{Math.round(plan.minutes)}</Words>
          <Words ink="soft">{planningWords.planList.min}</Words>
        </View>
        {saved > 0 && spared > 0 ? (
          <Words ink="soft">
            {planningWords.planList.stepsPlannedTogetherTheySave(plan.steps.length, saved, spared)}
          </Words>
        ) : (
          <Words ink="soft">{planningWords.planList.steps(plan.steps.length)}</Words>
        )}
      </Section>
      <Section label={planningWords.planList.layOut}>
        <Words>{`${capital(words.format.list(tools.map((tool) => planWords.tool[tool])))}.`}</Words>
        {parts.length > 0 ? (
          <Words kind="strong">
            {`${capital(words.format.list(parts.map(({ part, end }) => `${planWords.part[part]} (${words.end[end]})`)))}.`}
          </Words>
        ) : null}
        {stock.data && short.length > 0 ? (
          <Note kind="caution" title={planningWords.planList.shortOnTheShelf}>
            {`${capital(words.format.list(short.map(({ part, wanted, onShelf }) => planningWords.planList.wantedThere(planWords.part[part], wanted, onShelf))))}.`}
          </Note>
        ) : null}
        {fluidWanted(plan.steps, brakes, containers.data ?? [], today()).map(
          ({ end, asked, ml, from }) => (
            <Words key={end}>
              {planningWords.planList.aboutMl(
                capital(words.end[end]),
                ml,
                nameOf(asked.fluid),
                from
                  ? planningWords.planList.fromLot(from.label, from.lot)
                  : planningWords.planList.noContainerOnTheShelf,
              )}
            </Words>
          ),
        )}
        {consumables.length > 0 ? (
          <Words ink="soft">{`${capital(words.format.list(consumables.map((item) => planWords.consumable[item])))}.`}</Words>
        ) : null}
      </Section>
      <Section label={planningWords.planList.inThisOrder}>
        {plan.steps.map(({ step, end, place, moves }, i) => (
          <View key={`${i} ${step} ${end}`} style={styles.step}>
            <Words kind="smallReading" style={styles.number}>
              {i + 1}
            </Words>
            <View style={styles.does}>
              <Words>{planWords.step[step].does}</Words>
              {moves ? <Words kind="small">{planWords.place[place]}</Words> : null}
              <Stays plan={plan} at={i} />
            </View>
            <Words kind="small">{end ? words.end[end] : ''}</Words>
          </View>
        ))}
      </Section>
      {cautions.length > 0 ? (
        <Section label={planningWords.planList.mind}>
          {cautions.map((caution) => (
            <Words key={caution} ink="soft">
              {planWords.caution[caution]}
            </Words>
          ))}
        </Section>
      ) : null}
    </>
  );
}

/** Says where one set-up serves several works. */
function Stays({ plan, at }: { plan: Plan; at: number }) {
  const work = staysFor(plan.steps, at);
  return work.length > 1 ? (
    <Words kind="small" ink="brassText">
      {planningWords.planList.forWorks(planWords.stays(plan.steps[at]!.step), work.length)}
    </Words>
  ) : null;
}

const setUpsIn = (plan: Plan) =>
  plan.steps.filter(({ step }) => step !== 'wash-hands' && STEPS[step].kind === 'set-up').length;

const styles = StyleSheet.create({
  total: { flexDirection: 'row', alignItems: 'baseline', gap: space.s },
  step: {
    flexDirection: 'row',
    gap: space.m,
    paddingVertical: space.xs,
    borderTopWidth: size.line,
    borderColor: color.hairline,
  },
  number: { width: 28, textAlign: 'right' },
  does: { flex: 1 },
});
