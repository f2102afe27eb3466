import type { BikesWords } from './bikes';
import type { CheckInWords } from './checkIn';
import type { FaultWords } from './faults';
import type { FigureWords } from './figure';
import type { FrameWords } from './frame';
import type { InstrumentsWords } from './instruments';
import type { JobWords } from './job';
import type { LedgerWords } from './ledger';
import type { MannersWords } from './manners';
import type { MeasuringWords } from './measuring';
import type { PartWords } from './parts';
import type { PlanWords } from './plan';
import type { PlanningWords } from './planning';
import type { DueWords } from './due';
import type { PracticeWords } from './practice';
import type { ProvingWords } from './proving';
import type { ReckonerWords } from './reckoner';
import type { StoreFormsWords } from './storeForms';
import type { StoresWords } from './stores';
import type { ThingWords } from './things';
import type { TroubleWords } from './trouble';
import type { VerdictWords } from './verdicts';

/** Everything the app says. A language is a folder with one file of each of these shapes; leaving a word out does not compile. */
export interface Catalogue {
  things: ThingWords;
  verdicts: VerdictWords;
  faults: FaultWords;
  frame: FrameWords;
  parts: PartWords;
  plan: PlanWords;
  planning: PlanningWords;
  proving: ProvingWords;
  measuring: MeasuringWords;
  instruments: InstrumentsWords;
  figure: FigureWords;
  job: JobWords;
  checkIn: CheckInWords;
  bikes: BikesWords;
  stores: StoresWords;
  storeForms: StoreFormsWords;
  reckoner: ReckonerWords;
  trouble: TroubleWords;
  practice: PracticeWords;
  due: DueWords;
  ledger: LedgerWords;
  manners: MannersWords;
}
