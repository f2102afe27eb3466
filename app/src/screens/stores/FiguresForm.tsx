import { ShopRules, type RulesInForce } from '@hold-fast/contract/shopRules';
import { PROCEDURE_IDS, procedureRule } from '@hold-fast/core/procedure/procedures';
import { FIGURE_IDS, figureRule, figuresFault, type FigureId } from '@hold-fast/core/rules/figures';

import { useRules } from '../../data/counterQueries';
import { useSaveRules } from '../../data/writes';
import { FormNumber } from '../../ui/FormLine';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Failed, Loading } from '../../ui/Standing';
import { Words } from '../../ui/Words';
import { focusFault } from '../../ui/focusFault';
import { planWords } from '../../words/planWords';
import { storeFormWords } from '../../words/storeForms';
import { figureSays } from './figureSays';
import { RulesHistory } from './RulesHistory';
import { StoreForm } from './StoreForm';
import { useKeptForm } from '../useKeptForm';

type Laid<K extends string> = Record<K, number | null>;
interface Written {
  figures: Laid<FigureId>;
  minutes: Laid<(typeof PROCEDURE_IDS)[number]>;
}

/** Every number of the trade that a shop may lay down, beside the usual one and where that is from. */
export function FiguresForm() {
  const rules = useRules();
  if (rules.error) return <Failed error={rules.error} onRetry={() => void rules.refetch()} />;
  if (!rules.data) return <Loading />;
  return <Form key={rules.data.version} inForce={rules.data} />;
}

const every = <K extends string>(ids: readonly K[], laid: Readonly<Partial<Record<K, number>>>) =>
  Object.fromEntries(ids.map((id) => [id, laid[id] ?? null])) as Laid<K>;
const onlyLaid = <K extends string>(written: Laid<K>) =>
  Object.fromEntries(
    Object.entries(written).filter(([, value]) => value !== null),
  ) as unknown as Partial<Record<K, number>>;

function Form({ inForce }: { inForce: RulesInForce }) {
  const save = useSaveRules();
  const { control, handleSubmit, setError, formState } = useKeptForm<Written>('figures', {
    defaultValues: {
      figures: every(FIGURE_IDS, inForce.rules.figures),
      minutes: every(PROCEDURE_IDS, inForce.rules.minutes),
    },
  });
  const send = handleSubmit(({ figures, minutes }) => {
    const rules = { ...inForce.rules, figures: onlyLaid(figures), minutes: onlyLaid(minutes) };
    const fault = figuresFault(rules.figures);
    const parsed = ShopRules.safeParse(rules);
    if (fault) setError(`figures.${fault.id}`, { type: fault.code }, { shouldFocus: true });
    else if (!parsed.success)
      for (const { path } of parsed.error.issues) setError(path.join('.') as 'minutes.inspect', {});
    else save.mutate({ version: inForce.version, rules: parsed.data });
    focusFault();
  });
  return (
    <StoreForm
      over={storeFormWords.rulesForm.shopRules}
      title={storeFormWords.figures.title}
      says={storeFormWords.rulesForm.layDownTheseRules}
      save={save}
      onSave={() => void send()}
    >
      <Section>
        <Words ink="soft">{storeFormWords.figures.theTradesNumbers}</Words>
        <Words ink="soft">{storeFormWords.figures.emptyIsUsual}</Words>
        {save.isSuccess ? (
          <Note title={storeFormWords.rulesForm.inForce}>
            {storeFormWords.rulesForm.everyOpenJobIsJudged}
          </Note>
        ) : null}
        {FIGURE_IDS.map((id) => {
          const { usual, tag, least, most, unit } = figureRule(id);
          return (
            <FormNumber
              key={id}
              control={control}
              name={`figures.${id}`}
              label={`${storeFormWords.figures.of[id]}, ${storeFormWords.figures.unit[unit]}`}
              unit={unit === 'share' ? 0.01 : 1}
              hint={storeFormWords.figures.usual(
                figureSays(id, usual),
                storeFormWords.figures.tag[tag],
              )}
              wrong={
                formState.errors.figures?.[id]?.type === 'bands-overlap'
                  ? storeFormWords.figures.bandsOverlap
                  : storeFormWords.figures.between(figureSays(id, least), figureSays(id, most))
              }
            />
          );
        })}
      </Section>
      <Section label={storeFormWords.figures.minutesOfProcedures}>
        {PROCEDURE_IDS.map((id) => (
          <FormNumber
            key={id}
            control={control}
            name={`minutes.${id}`}
            label={planWords.procedure[id]}
            hint={storeFormWords.figures.usual(
              `${procedureRule(id).minutes} ${storeFormWords.figures.unit.min}`,
              storeFormWords.figures.tag.D,
            )}
          />
        ))}
      </Section>
      <RulesHistory />
    </StoreForm>
  );
}
