/** Where a job can go, and how it goes there. */
export interface Moves {
  mechanics: readonly { id: string; name: string }[];
  day: string;
  place: (
    jobId: string,
    at: { day: string; personId: string; before: string | null } | null,
  ) => void;
}
