import Box from '@mui/material/Box';
import { usePartsAway } from '../../api/queries';
import { Heading } from '../../parts/Heading';
import { ProblemNote } from '../../parts/ProblemNote';
import { together } from '../../words/away';
import { PartsGone } from '../parts/away/PartsGone';
import { PartsUnseen } from '../parts/away/PartsUnseen';

/** What a mechanic or dealer has, and what is back and waits for a look; nothing while there is none. */
export function PartsAway() {
  const { data, error } = usePartsAway();
  if (error) return <ProblemNote sentences={[error.message]} />;
  if (!data || data.away.length + data.unseen.length === 0) return null;
  return (
    <Box component="section" aria-label="Away and back" sx={{ mb: 2 }}>
      <Heading level={2}>Away and back</Heading>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {together(data.unseen).map((views) => (
          <PartsUnseen key={views[0].id} views={views} />
        ))}
        {together(data.away).map((views) => (
          <PartsGone key={views[0].id} views={views} />
        ))}
      </Box>
    </Box>
  );
}
