import type { End } from '@hold-fast/core/ends';
import { isSerialUnknown, type NoticeAtJob, type placesOfLot } from '@hold-fast/core/notice/notice';
import { Words } from '../../../ui/Words';
import { checkInWords } from '../../../words/checkIn';
import { partWords } from '../../../words/partWords';
import { words } from '../../../words/words';

interface Props {
  notice: NoticeAtJob;
  bike: { serial: string };
  /** Where its lot went in, as far as that is known here. */
  places?: ReturnType<typeof placesOfLot>;
  /** The brakes it names the model of. */
  ends?: readonly End[];
}

/** Why a maker's notice meets a bike, so that somebody knows where to look. */
export function WhyMet({ notice, bike, places = [], ends = [] }: Props) {
  const says = checkInWords.checkIn.noticeWhy;
  const { list } = words.format;
  const { lot, broughtAt, lotBefore } = notice;
  const placed = places.map(({ end, part }) =>
    says.place(words.end[end], part === 'fluid' ? words.subject.fluid : partWords.part[part]),
  );
  const before = placed.length === 0 && lotBefore ? says.before : null;
  const ofLot = [says.lot(lot, list(placed)), broughtAt > 0 ? says.brought : before];
  const why = [
    isSerialUnknown(notice, bike) ? says.noSerial : null,
    ends.length > 0 ? says.model(list(ends.map((end) => words.end[end]))) : null,
    ...(lot === '' ? [] : ofLot),
  ].filter((each) => each !== null);
  return why.map((each) => (
    <Words key={each} kind="small">
      {each}
    </Words>
  ));
}
