import type { ContainerInStore } from '@hold-fast/contract/stores';
import { lastUsableDay } from '@hold-fast/core/fluid/container';
import { calendarDay } from '../../../words/days';
import { jobWords } from '../../../words/job';

/** Lot of a container, whether it was opened, and until when it may be used. */
export function containerSays(container: ContainerInStore): string {
  const lastDay = lastUsableDay(container);
  return jobWords.recordFluid.lot(
    container.lot,
    container.openedOn
      ? jobWords.recordFluid.opened(calendarDay(container.openedOn))
      : jobWords.recordFluid.sealed,
    lastDay ? jobWords.recordFluid.useBy(calendarDay(lastDay)) : '',
  );
}
