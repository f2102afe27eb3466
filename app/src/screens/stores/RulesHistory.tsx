import type { RulesInForce } from '@hold-fast/contract/shopRules';
import { PROCEDURE_IDS } from '@hold-fast/core/procedure/procedures';
import { FIGURE_IDS } from '@hold-fast/core/rules/figures';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { useRulesHistory } from '../../data/counterQueries';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { exactDay } from '../../words/days';
import { planWords } from '../../words/planWords';
import { storeFormWords } from '../../words/storeForms';
import { figureSays } from './figureSays';

type Rules = RulesInForce['rules'];

/** Who laid down which numbers when, the newest first. */
export function RulesHistory() {
  const history = useRulesHistory().data ?? [];
  if (history.length === 0) return null;
  return (
    <Section label={storeFormWords.figures.history}>
      {history.map(({ version, by, at, rules }, i) => (
        <Words key={version} kind="small">
          {[
            storeFormWords.figures.version(version, by ?? '', at ? exactDay(at) : ''),
            ...changesOf(history[i + 1]?.rules ?? USUAL_RULES, rules),
          ].join('. ')}
        </Words>
      ))}
    </Section>
  );
}

/** The numbers that differ between two versions; where none do, it was another rule. */
function changesOf(was: Rules, is: Rules): string[] {
  const says = (value: number | undefined, say: (value: number) => string) =>
    value === undefined ? storeFormWords.figures.asUsual : say(value);
  const figures = FIGURE_IDS.filter((id) => was.figures[id] !== is.figures[id]).map((id) =>
    storeFormWords.figures.changed(
      storeFormWords.figures.of[id],
      says(was.figures[id], (value) => figureSays(id, value)),
      says(is.figures[id], (value) => figureSays(id, value)),
    ),
  );
  const minutes = PROCEDURE_IDS.filter((id) => was.minutes[id] !== is.minutes[id]).map((id) =>
    storeFormWords.figures.changed(
      planWords.procedure[id],
      says(was.minutes[id], String),
      says(is.minutes[id], String),
    ),
  );
  const trouble =
    JSON.stringify(was.trouble) === JSON.stringify(is.trouble)
      ? []
      : [storeFormWords.trouble.changed];
  const all = [...figures, ...minutes, ...trouble];
  return all.length > 0 ? all : [storeFormWords.figures.other];
}
