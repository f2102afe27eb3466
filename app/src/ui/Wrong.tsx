import { Words } from './Words';

/** What is wrong with an answer, or missing, in a line beside it. */
export const Wrong = ({ says }: { says: string | undefined }) => (
  <Words kind="small" ink="rustText" role="alert">
    {says}
  </Words>
);
