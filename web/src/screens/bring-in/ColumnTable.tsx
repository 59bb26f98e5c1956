import Box from '@mui/material/Box';
import NativeSelect from '@mui/material/NativeSelect';
import type { Schemas } from '../../api/client';
import { UNITS } from '../../words/bringIn';

/** So many lines show what stands in a column. */
const SHOWN = 6;

type Match = Schemas['SheetMatch'];

/** The first lines of a sheet, and over each column what it is. */
export function ColumnTable({
  found,
  headings,
  known,
  match,
  onChange,
}: {
  found: Schemas['FoundSheetView'];
  headings: number;
  known: Schemas['SheetKindView'];
  match: Match;
  onChange: (match: Match) => void;
}) {
  const names = found.first[headings]?.cells ?? [];
  const lines = found.first.slice(headings + 1, headings + 1 + SHOWN);
  const at = (list: string[], column: number, value: string) =>
    list.map((before, i) => (i === column ? value : before));
  const setField = (column: number, field: string) =>
    onChange({
      ...match,
      // A field is in one column: whoever chooses it again takes it away from the other.
      columns: at(
        match.columns.map((before) => (field !== '' && before === field ? '' : before)),
        column,
        field,
      ),
      units: at(match.units, column, ''),
    });
  return (
    <Box sx={{ overflowX: 'auto' }} role="region" aria-label="Columns" tabIndex={0}>
      <Box
        component="table"
        sx={(t) => ({
          borderCollapse: 'collapse',
          minWidth: '100%',
          '& th, & td': {
            border: `1px solid ${t.vars.palette.house.hairline}`,
            px: 1,
            py: 0.5,
            textAlign: 'left',
            verticalAlign: 'top',
            whiteSpace: 'nowrap',
          },
          '& td': { maxWidth: 220, overflow: 'hidden', textOverflow: 'ellipsis' },
        })}
      >
        <thead>
          <tr>
            <Box component="th" scope="col" sx={{ color: 'text.secondary', fontWeight: 400 }}>
              Line
            </Box>
            {match.columns.map((field, column) => {
              const name = names[column] ?? '';
              const of = known.columns.find((one) => one.field === field);
              return (
                <Box
                  component="th"
                  scope="col"
                  key={column}
                  sx={(t) => ({
                    minWidth: 185,
                    maxWidth: 250,
                    borderTop: `4px solid ${field === '' ? 'transparent' : t.vars.palette.house.tag} !important`,
                  })}
                >
                  <Box sx={{ display: 'grid', gap: 0.5 }}>
                    <Box
                      sx={{ fontWeight: 600, maxWidth: 230, whiteSpace: 'normal', overflowWrap: 'anywhere' }}
                    >
                      {name === '' ? '(no heading)' : name}
                    </Box>
                    <NativeSelect
                      fullWidth
                      disableUnderline
                      value={field}
                      onChange={(event) => setField(column, event.target.value)}
                      inputProps={{ 'aria-label': `What ${name === '' ? `column ${column + 1}` : name} is` }}
                    >
                      <option value="">Left out</option>
                      {known.columns.map((one) => (
                        <option key={one.field} value={one.field}>
                          {one.heading}
                        </option>
                      ))}
                    </NativeSelect>
                    {of?.measured && (
                      <NativeSelect
                        fullWidth
                        disableUnderline
                        value={match.units[column] ?? ''}
                        onChange={(event) =>
                          onChange({ ...match, units: at(match.units, column, event.target.value) })
                        }
                        inputProps={{ 'aria-label': `Unit of ${name}` }}
                      >
                        {Object.entries(UNITS).map(([unit, label]) => (
                          <option key={unit} value={unit}>
                            {label}
                          </option>
                        ))}
                      </NativeSelect>
                    )}
                  </Box>
                </Box>
              );
            })}
          </tr>
        </thead>
        <tbody>
          {lines.map((row) => (
            <tr key={row.line}>
              <Box component="td" sx={{ color: 'text.secondary' }}>
                {row.line}
              </Box>
              {match.columns.map((field, column) => (
                <Box component="td" key={column} sx={field === '' ? { color: 'text.secondary' } : {}}>
                  {row.cells[column] ?? ''}
                </Box>
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
