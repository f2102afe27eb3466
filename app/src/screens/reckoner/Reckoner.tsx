import { Page } from '../../ui/Page';
import { useWide } from '../../ui/useWide';
import { reckonerWords } from '../../words/reckoner';
import { CalculatorList } from './CalculatorList';
import { WrenchReckoner } from './WrenchReckoner';

/** Every calculator, with no job open; at the counter with the first of them beside the list. */
export function Reckoner() {
  if (useWide()) return <WrenchReckoner />;
  return (
    <Page over={reckonerWords.reckoner.reckoner} title={reckonerWords.reckoner.whatIsAsked}>
      <CalculatorList />
    </Page>
  );
}
