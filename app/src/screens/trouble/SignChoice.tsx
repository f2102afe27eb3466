import type { BenchSign } from '@hold-fast/core/trouble/signs';
import { Choice } from '../../ui/Choice';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { troubleWords } from '../../words/trouble';

const KNOWING = ['unknown', 'seen', 'absent'] as const;

interface Props {
  sign: BenchSign;
  known: boolean | undefined;
  onTell: (seen: boolean | undefined) => void;
  /** It can be left unlooked-for; what was written down in a job is taken back there. */
  open?: boolean;
}

/** One sign: seen, looked for and not there, or not looked for. */
export function SignChoice({ sign, known, onTell, open = true }: Props) {
  const label = capital(troubleWords.sign[sign]);
  return (
    <>
      <Words kind="label">{label}</Words>
      <Choice
        label={label}
        options={KNOWING.filter((value) => open || value !== 'unknown').map((value) => ({
          value,
          says: troubleWords.knowing[value],
        }))}
        chosen={known === undefined ? ['unknown'] : [known ? 'seen' : 'absent']}
        onChoose={(value) => onTell(value === 'unknown' ? undefined : value === 'seen')}
      />
    </>
  );
}
