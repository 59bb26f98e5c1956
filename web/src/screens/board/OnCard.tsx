import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { Panel } from '../../parts/Panel';
import { TagPlate } from '../../parts/Plate';
import { momentOf } from '../../words/format';

/** Saws that stand on fresh card, and when somebody has to look. Nothing while none does. */
export function OnCard({ board }: { board: Schemas['Board'] }) {
  if (board.onCard.length === 0) return null;
  return (
    <Panel title="Leak test running">
      {board.onCard.map((saw) => (
        <Box key={saw.faultId} sx={{ display: 'flex', gap: 1.25, alignItems: 'center', py: 0.5 }}>
          <TagPlate tag={saw.tag} />
          <Link to={`/faults/${saw.faultId}`}>{said(saw)}</Link>
        </Box>
      ))}
    </Panel>
  );
}

function said(saw: Schemas['OnCard']): string {
  switch (saw.state) {
    case 'LOOK_DUE':
      return 'First look is due';
    case 'LAST_LOOK_DUE':
      return 'Dry day is over, look now';
    case 'WET':
      return 'Wet: swap one part';
    case 'STANDS':
    case 'DRY_SO_FAR':
    case 'NOT_STANDING':
    case 'DRY':
      return `Look ${momentOf(saw.nextLook ?? '')}`;
  }
}
