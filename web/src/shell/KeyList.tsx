import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import { Fragment } from 'react';
import { Key } from '../parts/Key';
import type { Command } from './commands';
import { COMMANDS } from './commands';

/** Every key, in words. */
export default function KeyList({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="key-list-title">
      <Box sx={{ p: 3, minWidth: { sm: 420 } }}>
        <Box component="h2" id="key-list-title" sx={{ typography: 'h2', m: 0 }}>
          Keys
        </Box>
        {Object.values(COMMANDS).map(({ title, keys }) => (
          <Fragment key={title}>
            <Box component="h3" sx={{ typography: 'h3', mt: 2, mb: 0.5 }}>
              {title}
            </Box>
            <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '96px 1fr', rowGap: 0.75, m: 0 }}>
              {Object.values<Command>(keys).map((command) => (
                <Fragment key={command.key}>
                  <dt>
                    <Key of={command} />
                  </dt>
                  <Box component="dd" sx={{ m: 0 }}>
                    {command.does}
                  </Box>
                </Fragment>
              ))}
            </Box>
          </Fragment>
        ))}
        <Button variant="outlined" onClick={onClose} sx={{ mt: 3 }}>
          Close
        </Button>
      </Box>
    </Dialog>
  );
}
