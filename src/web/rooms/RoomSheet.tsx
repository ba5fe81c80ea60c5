import { Box, Heading } from '@chakra-ui/react';
import { formatNumber, formatTemperature } from '../../core/format';
import { boilingIn, type Place } from '../../core/practical';
import { checkWords, type Equipment } from '../../core/room';
import { Page } from '../paper/Page';
import { Part } from '../paper/paper-parts';
import { usePaper } from '../paper/use-paper';
import { RoomPlan } from './RoomPlan';

/** The room on paper: its plan, and what is known of what it has. Seen only when it is printed. */
export function RoomSheet({ place }: { place: Place }) {
  usePaper('A4');
  const said = place.equipment.flatMap((one) => {
    const words = wordsOf(one);
    return words === '' ? [] : [{ id: one.id, name: one.name, words }];
  });
  return (
    <Box className="print-root" display="none" css={{ '@media print': { display: 'block' } }}>
      <Page paper="A4" foot={`Room · ${place.name}`}>
        <Heading as="h2" fontFamily="heading" fontSize="18pt" fontWeight="semibold">
          {place.name}
        </Heading>
        <Box mb="4mm">
          {place.kind === 'laboratory' ? 'Laboratory: nothing may be eaten' : 'Food room'}, {place.stations}{' '}
          stations; water boils at {formatTemperature(boilingIn(place).boilingC)}.
        </Box>
        <RoomPlan equipment={place.equipment} chosen={null} edit={null} />
        <Part name="What it has">
          <Box css={{ columnCount: 2, columnGap: '8mm' }} fontSize="9.5pt">
            {said.map(({ id, name, words }) => (
              <Box key={id} css={{ breakInside: 'avoid' }}>
                <strong>{name}</strong> {words}
              </Box>
            ))}
          </Box>
        </Part>
      </Page>
    </Box>
  );
}

/** What is known of a thing, in words; empty: nothing worth a line. */
function wordsOf(one: Equipment): string {
  switch (one.kind) {
    case 'oven':
      return [
        `${one.shelves} × ${one.traysPerShelf} trays${one.fan ? ', fan' : ''}, 180 °C after ${formatNumber(one.heatMin)} min`,
        ...one.truth.map(({ set, shows }) => `set ${formatNumber(set)} is ${formatNumber(shows)} °C`),
      ].join('; ');
    case 'hob':
      return one.rings
        .map(({ cm, watts }) => `${formatNumber(cm)} cm: ${watts.map((w) => formatNumber(w)).join(', ')} W`)
        .join('; ');
    case 'refrigerator':
    case 'freezer':
      return formatTemperature(one.celsius);
    case 'microwave':
      return `${formatNumber(one.watts)} W`;
    case 'kettle':
      return `${formatNumber(one.litres)} L, ${formatNumber(one.watts)} W`;
    case 'balance':
      return `to ${formatNumber(one.divisionG)} g, up to ${formatNumber(one.capacityG)} g`;
    case 'thermometer':
      return `${formatNumber(one.lowC)} to ${formatNumber(one.highC)} °C, to ${formatNumber(one.divisionC)} °C; ${checkWords(one) ?? 'not checked yet'}`;
    case 'station':
    case 'mixer':
    case 'sink':
      return '';
  }
}
