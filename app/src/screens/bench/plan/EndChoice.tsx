import { endSays } from '../../bikes/thirdBrake';
import { bleedRule, FIRST_BLEEDS, type FirstBleed } from '@hold-fast/core/fluid/bleedMethods';
import type { Job } from '@hold-fast/core/job/job';
import { isFilledOver } from '@hold-fast/core/job/planChoice';
import { bleedFor } from '@hold-fast/core/plan/recommended';
import {
  PROCEDURE_IDS,
  procedureRule,
  suitsBrake,
  type ProcedureId,
} from '@hold-fast/core/procedure/procedures';
import { axleOf } from '@hold-fast/core/kit/brakes';
import type { End } from '@hold-fast/core/ends';
import { router } from 'expo-router';
import { useState } from 'react';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { Words } from '../../../ui/Words';
import { planWords } from '../../../words/planWords';
import { words } from '../../../words/words';
import { planningWords } from '../../../words/planning';
import { atJob } from '../../routes';

/** Why a way to bleed is proposed first. */
const WHY = {
  bladder: planningWords.endChoice.syringePortsOnBoth,
  rear: planningWords.endChoice.firstChoiceForARear,
  front: planningWords.endChoice.firstChoiceForAFront,
} as const;

interface EndChoiceProps {
  end: End;
  job: Job;
  chosen: readonly ProcedureId[];
  recommended: readonly ProcedureId[];
  onChoose: (chosen: ProcedureId[]) => void;
  bleed: FirstBleed;
  why: keyof typeof WHY;
  onBleed: (way: FirstBleed) => void;
  /** What is done and may be done once more. */
  over: readonly ProcedureId[];
  again: readonly ProcedureId[];
  onAgain: (procedure: ProcedureId) => void;
}

/** What is to be done at one end, and how it is bled where a joint is opened. */
export function EndChoice({
  end,
  job,
  chosen,
  recommended,
  onChoose,
  bleed,
  why,
  onBleed,
  over,
  again,
  onAgain,
}: EndChoiceProps) {
  const [all, setAll] = useState(false);
  const sheet = job.identified[end]?.sheet.body;
  if (!sheet)
    return (
      <Section label={endSays(job.bike, end)}>
        <Button
          kind="quiet"
          says={planningWords.endChoice.identifyTheBrakeFirst(words.end[end])}
          onPress={() => router.navigate(atJob(job.id, `${end}/identify`))}
        />
      </Section>
    );
  const suited = PROCEDURE_IDS.filter((id) => suitsBrake(id, sheet.brake.actuation));
  const shown = all
    ? suited
    : suited.filter(
        (id) =>
          procedureRule(id).often ||
          bleedRule(bleed).procedure === id ||
          chosen.includes(id) ||
          recommended.includes(id),
      );
  return (
    <Section
      label={endSays(job.bike, end)}
      aside={
        <Button
          kind="quiet"
          says={all ? planningWords.endChoice.fewer : planningWords.endChoice.allProcedures}
          of={words.end[end]}
          onPress={() => setAll(!all)}
        />
      }
    >
      {recommended.length > 0 ? (
        <Words kind="small">
          {planningWords.endChoice.theInspectionRecommends(
            words.format.list(recommended.map((id) => words.inSentence(planWords.procedure[id]))),
          )}
        </Words>
      ) : null}
      <Choice
        label={planningWords.endChoice.workAtThe(words.end[end])}
        many
        options={shown.map((id) => ({ value: id, says: planWords.procedure[id] }))}
        chosen={chosen}
        onChoose={(id) =>
          onChoose(
            chosen.includes(id)
              ? chosen.filter((each) => each !== id)
              : PROCEDURE_IDS.filter((each) => each === id || chosen.includes(each)),
          )
        }
      />
      {isFilledOver(job, end, chosen, bleed) ? (
        <Note kind="refusal" title={planningWords.endChoice.anotherFamilyInside}>
          {planningWords.endChoice.resealFirst}
        </Note>
      ) : null}
      {over.length > 0 ? (
        <>
          <Words kind="small">{planningWords.endChoice.doneChooseWhatHasTo}</Words>
          <Choice
            label={planningWords.endChoice.onceMoreAtThe(words.end[end])}
            many
            options={over.map((id) => ({
              value: id,
              says: planningWords.endChoice.again(planWords.procedure[id]),
            }))}
            chosen={again}
            onChoose={onAgain}
          />
        </>
      ) : null}
      {sheet.brake.actuation === 'hydraulic' && all ? (
        <>
          <Words kind="small">
            {planningWords.endChoice.whereAJointIsOpened(
              WHY[why],
              words.inSentence(
                planWords.step[bleedFor(axleOf(job.bike, end), sheet.brake.port).way].does,
              ),
            )}
          </Words>
          <Choice
            label={planningWords.endChoice.wayToBleed(words.end[end])}
            options={FIRST_BLEEDS.map((way) => ({ value: way, says: planWords.step[way].does }))}
            chosen={[bleed]}
            onChoose={onBleed}
          />
        </>
      ) : null}
    </Section>
  );
}
