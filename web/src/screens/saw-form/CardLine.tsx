import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { words } from '../../words/en';
import type { CardForm } from './form';

/** A card that was copied, in one line, with the way to change it. */
export function CardLine({ card, onOpen }: { card: CardForm; onOpen: () => void }) {
  const size = card.power === 'PETROL' ? `${card.displacementCc} cc` : `${card.volts} V`;
  const said = [
    words.power[card.power].toLowerCase(),
    /^\d/.test(size) ? size : '',
    words.handle[card.handle].toLowerCase(),
    words.oiler[card.oiler].toLowerCase(),
    card.power === 'PETROL' && card.fuelRatio !== '' ? `${card.fuelRatio}:1` : '',
    words.work[card.usualWork].toLowerCase(),
  ].filter((part) => part !== '');
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 2 }}>
      <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
        <Box component="span" sx={{ fontWeight: 600 }}>
          {card.make} {card.model}
        </Box>
        {`, ${said.join(', ')}`}
      </Box>
      <Button variant="outlined" size="small" onClick={onOpen}>
        Change the card
      </Button>
    </Box>
  );
}
