import Box from '@mui/material/Box';
import { Fragment } from 'react';
import type { Schemas } from '../../api/client';
import { Panel } from '../../parts/Panel';
import { PartTag } from '../../parts/PartTag';
import { words } from '../../words/en';
import { keySize, byGauge, length, tank } from '../../words/units';
import { barLength, dayOf } from '../../words/format';

/** The fitted set and the saw's card. */
export function SetPanel({ saw }: { saw: Schemas['SawView'] }) {
  const { chain, bar, sprocket, card } = saw;
  const set: [string, string | undefined, string][] = [
    [
      'Bar',
      bar?.tag,
      bar
        ? `${barLength(bar.lengthMm)}, ${words.pitch[bar.pitch]}, ${words.gauge[bar.gauge]}, ${bar.driveLinks} drive links. ${words.nose[bar.nose]}`
        : '',
    ],
    [
      'Chain',
      chain?.tag,
      chain
        ? `${words.pitch[chain.pitch]}, ${words.gauge[chain.gauge]}, ${chain.driveLinks} drive links. ${words.profile[chain.cutterProfile]}, ${words.sequence[chain.sequence].toLowerCase()}, ${chain.topPlateAngle}°`
        : '',
    ],
    [
      'Sprocket',
      sprocket?.tag,
      sprocket
        ? `${words.sprocketKind[sprocket.kind]}, ${sprocket.teeth} teeth, ${words.pitch[sprocket.pitch]}`
        : '',
    ],
  ];
  const rows: [string, string | undefined][] = [
    ['Oiler', words.oiler[card.oiler]],
    ['Chain brake', words.brakeSeat[card.brakeSeat]],
    [
      'Adjuster',
      `${words.adjuster[card.adjuster]}, ${byGauge(card.adjusterLeadMm)} a turn${card.adjusterTravelMm ? `, ${length(card.adjusterTravelMm)} travel` : ''}`,
    ],
    [
      'Nuts',
      `${card.captiveNuts ? 'Captive' : 'Not captive'}${card.nutMm === undefined ? '' : `, ${keySize(card.nutMm)}`}`,
    ],
    ['Fuel', card.fuelRatio ? `${card.fuelRatio}:1` : undefined],
    [
      'Tanks',
      [card.fuelTankMl && `fuel ${tank(card.fuelTankMl)}`, card.oilTankMl && `oil ${tank(card.oilTankMl)}`]
        .filter(Boolean)
        .join(', ') || undefined,
    ],
    ['Plug', card.plugCode],
    ['Spark arrestor', card.power === 'PETROL' ? (card.sparkArrestor ? 'Fitted' : 'Not fitted') : undefined],
    ['Usual work', words.work[card.usualWork]],
  ];
  return (
    <>
      <Panel title={saw.fittedAt ? `Cutting set, fitted ${dayOf(saw.fittedAt)}` : 'Cutting set'}>
        {set.map(([kind, tag, text]) => (
          <Box key={kind} sx={{ mb: 1 }}>
            <Box sx={{ display: 'flex', justifyContent: 'space-between' }}>
              <span>{kind}</span>
              {tag ? (
                <strong>
                  <PartTag tag={tag} />
                </strong>
              ) : (
                <strong>none fitted</strong>
              )}
            </Box>
            <Box sx={{ color: 'text.secondary', fontSize: 14 }}>{text}</Box>
          </Box>
        ))}
      </Panel>
      <Panel title="Card">
        <Box
          component="dl"
          sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 2, rowGap: 0.5, m: 0 }}
        >
          {rows
            .filter(([, value]) => value !== undefined)
            .map(([name, value]) => (
              <Fragment key={name}>
                <Box component="dt" sx={{ color: 'text.secondary' }}>
                  {name}
                </Box>
                <Box component="dd" sx={{ m: 0, textAlign: 'right' }}>
                  {value}
                </Box>
              </Fragment>
            ))}
        </Box>
      </Panel>
    </>
  );
}
