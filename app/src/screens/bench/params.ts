import { ENDS, type End } from '@hold-fast/core/ends';
import { useLocalSearchParams } from 'expo-router';

/** The job an address names. */
export function useJobParam(): { jobId: string } {
  return useLocalSearchParams<{ jobId: string }>();
}

/** The job and the end of the bike an address names; null where it is neither end. */
export function useEndParams(): { jobId: string; end: End | null } {
  const { jobId, end } = useLocalSearchParams<{ jobId: string; end: string }>();
  return { jobId, end: ENDS.find((each) => each === end) ?? null };
}
