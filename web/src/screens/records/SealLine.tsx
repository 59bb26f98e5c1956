import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { newId } from '../../api/client';
import { useSeal, useWrite } from '../../api/queries';
import { ProblemNote } from '../../parts/ProblemNote';
import { checkWords, wrongWords } from '../../words/records';

/** Whether the log is as it was written: the newest seal, a look through all records, and what it found. */
export function SealLine({ bare = false }: { bare?: boolean }) {
  const { data: seal } = useSeal();
  const check = useWrite('/api/seal/check', {});
  if (!seal) return null;
  const last = seal.last;
  return (
    <Box sx={{ mb: 2 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2, rowGap: 0.5 }}>
        <Box component="span" sx={{ color: 'text.secondary' }}>
          Newest seal{' '}
          <Box
            component="span"
            sx={{ color: 'text.primary', fontVariantNumeric: 'tabular-nums', whiteSpace: 'nowrap' }}
          >
            {seal.code}
          </Box>
        </Box>
        <Button
          variant="outlined"
          size="small"
          disabled={seal.checking || check.isPending}
          onClick={() => check.mutate({ id: newId() })}
        >
          {seal.checking ? 'Checking all records …' : 'Check all records'}
        </Button>
        {!bare && (
          <Link className="on-screen" to="/records">
            Proof, backups, files
          </Link>
        )}
      </Box>
      <ProblemNote sentences={check.error ? [check.error.message] : []} />
      {last && !seal.checking && last.found === 0 && <Box role="status">{checkWords(last)}</Box>}
      {last && !seal.checking && last.found > 0 && (
        <ProblemNote sentences={[checkWords(last)]}>
          <Box component="ol" sx={{ m: 0, mt: 0.5, pl: 3 }}>
            {last.wrong.map((wrong, i) => (
              <li key={`${wrong.n ?? 'none'} ${i}`}>{wrongWords(wrong)}</li>
            ))}
          </Box>
          {last.found > last.wrong.length && <Box sx={{ mt: 0.5 }}>These are the first.</Box>}
        </ProblemNote>
      )}
      {bare && last && last.remarks.length > 0 && (
        <Box sx={{ mt: 1, color: 'text.secondary' }}>
          Sealed anew:
          <Box component="ul" sx={{ m: 0, pl: 3 }}>
            {last.remarks.map((remark) => (
              <li key={remark}>{remark}.</li>
            ))}
          </Box>
        </Box>
      )}
    </Box>
  );
}
