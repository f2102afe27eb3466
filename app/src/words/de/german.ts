import type { Catalogue } from '../catalogue/catalogue';
import { bikes } from './bikes';
import { bill } from './bill';
import { checkIn } from './checkIn';
import { faults } from './faults';
import { frame } from './frame';
import { figure } from './figure';
import { instruments } from './instruments';
import { job } from './job';
import { ledger } from './ledger';
import { manners } from './manners';
import { measuring } from './measuring';
import { parts } from './parts';
import { plan } from './plan';
import { planning } from './planning';
import { dates } from './dates';
import { day } from './day';
import { due } from './due';
import { report } from './report';
import { trace } from './trace';
import { practice } from './practice';
import { proving } from './proving';
import { reckoner } from './reckoner';
import { storeForms } from './storeForms';
import { sentences } from './sentences';
import { stores } from './stores';
import { passport } from './passport';
import { opening } from './opening';
import { people } from './people';
import { tablet } from './tablet';
import { trust } from './trust';
import { tables } from './tables';
import { things } from './things';
import { trouble } from './trouble';
import { verdicts } from './verdicts';

/** Everything the app says, in German. */
export const german: Catalogue = {
  dates,
  things,
  sentences,
  verdicts,
  faults,
  frame,
  parts,
  plan,
  planning,
  proving,
  measuring,
  instruments,
  figure,
  job,
  checkIn,
  bikes,
  stores,
  storeForms,
  reckoner,
  trouble,
  practice,
  day,
  bill,
  due,
  passport,
  tables,
  people,
  tablet,
  opening,
  trust,
  report,
  trace,
  ledger,
  manners,
};
