import type { Bike, BikePage } from '@hold-fast/contract/bikes';
import { Words } from '../../ui/Words';
import { bikesWords } from '../../words/bikes';
import { capital } from '../../words/capital';
import { checkInWords } from '../../words/checkIn';
import { exactDay } from '../../words/days';
import { words } from '../../words/words';

const says = bikesWords.bikeSheet;
const { quoted } = words;

type Field = keyof typeof bikesWords.correct.field;

const SAYS: { [F in Field]: (value: NonNullable<Bike[F]>, owner: BikePage['customer']) => string } =
  {
    customerId: (id, owner) => (id === owner.id ? owner.name : says.somebodyElse),
    name: quoted,
    maker: quoted,
    serial: quoted,
    motor: (has) =>
      words.inSentence(has ? checkInWords.checkIn.hasAMotor : checkInWords.checkIn.noMotor),
    systemMassKg: says.kg,
    terrain: (terrain) => words.terrain[terrain],
    wet: (wet) => words.inSentence(wet ? checkInWords.checkIn.wet : checkInWords.checkIn.dry),
    kmPerWeek: words.format.distance,
    forkMaterial: (material) => words.material[material],
    frameMaterial: (material) => words.material[material],
    frontBrake: (brake) => words.brakeType[brake],
    rearBrake: (brake) => words.brakeType[brake],
    thirdBrake: (brake) => words.brakeType[brake],
    thirdPlace: (place) => says.thirdPlace[place],
    sharedLever: (which) => says.sharedLever[which],
    furtherBrakes: quoted,
  };

const FIELDS = Object.keys(SAYS) as Field[];

/** How a field was; a correction of before fields came may know nothing of them. */
function fieldSays<F extends Field>(field: F, value: Bike[F], owner: BikePage['customer']): string {
  return (value ?? '') === '' ? says.notSaid : SAYS[field](value!, owner);
}

/** What was corrected of a bike, the newest first: from what to what, by whom, when and why. */
export function Corrected({ changes, customer }: Pick<BikePage, 'changes' | 'customer'>) {
  if (changes.length === 0) return null;
  return (
    <>
      <Words kind="label">{says.corrected}</Words>
      {changes.map(({ id, was, became, by, at, words: why }) => (
        <Words key={id} kind="small">
          {says.correctedBy(
            capital(
              FIELDS.filter((field) => was[field] !== became[field])
                .map((field) =>
                  says.changed(
                    bikesWords.correct.field[field],
                    fieldSays(field, was[field], customer),
                    fieldSays(field, became[field], customer),
                  ),
                )
                .join('; '),
            ),
            by,
            exactDay(at),
            why,
          )}
        </Words>
      ))}
    </>
  );
}
