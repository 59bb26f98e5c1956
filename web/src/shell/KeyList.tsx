import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import { Fragment } from 'react';
import { Key } from '../parts/Key';

const KEYS: [string, [string, string][]][] = [
  [
    'Anywhere',
    [
      ['/', 'Find a saw by its tag'],
      ['B', 'Board'],
      ['S', 'Saws'],
      ['G', 'Settings'],
      ['?', 'This list'],
    ],
  ],
  [
    'On a saw',
    [
      ['T', 'Tension check'],
      ['E', 'Edit the saw'],
    ],
  ],
  [
    'Tension check',
    [
      ['F', 'All six conditions of a fair reading hold'],
      ['Enter', 'Do what the verdict bar offers first'],
      ['Ctrl Enter', 'Save the check as it is'],
      ['R', 'Back to the reading'],
    ],
  ],
];

/** Every key, in words. */
export function KeyList({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="key-list-title">
      <Box sx={{ p: 3, minWidth: { sm: 420 } }}>
        <Box component="h2" id="key-list-title" sx={{ typography: 'h2', m: 0 }}>
          Keys
        </Box>
        {KEYS.map(([where, keys]) => (
          <Fragment key={where}>
            <Box component="h3" sx={{ typography: 'h3', mt: 2, mb: 0.5 }}>
              {where}
            </Box>
            <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '96px 1fr', rowGap: 0.75, m: 0 }}>
              {keys.map(([key, does]) => (
                <Fragment key={key}>
                  <dt>
                    <Key>{key}</Key>
                  </dt>
                  <Box component="dd" sx={{ m: 0 }}>
                    {does}
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
