import type { End } from '@hold-fast/core/ends';
import { useLocalSearchParams } from 'expo-router';

/** The job an address names. */
export function useJobParam(): { jobId: string } {
  return useLocalSearchParams<{ jobId: string }>();
}

/** The job and the end of the bike an address names; anything but "rear" is the front. */
export function useEndParams(): { jobId: string; end: End } {
  const { jobId, end } = useLocalSearchParams<{ jobId: string; end: string }>();
  return { jobId, end: end === 'rear' ? 'rear' : 'front' };
}
