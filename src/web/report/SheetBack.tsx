import { Box } from '@chakra-ui/react';
import { capitalised } from '../../core/format';
import { isPhoto, type Plan, type Response } from '../../core/practical';
import { Blank, Grid, Lines, Part } from '../paper/paper-parts';

/** What is written down: noted once, temperatures, what was seen and measured, and the questions. */
export function SheetBack({ plan, unit }: { plan: Plan; unit: 'C' | 'F' }) {
  const measured = plan.thermometers.length > 0;
  return (
    <>
      {plan.noted.length > 0 && (
        <Part name="Noted once">
          {plan.noted.map((noted) => (
            <Box as="span" key={noted.id} mr="8mm" whiteSpace="nowrap">
              {noted.what} <Blank width="26mm" /> {noted.unit}
            </Box>
          ))}
        </Part>
      )}
      {measured && (
        <Part name="Temperature">
          <Grid
            heads={['minute', `°${unit}`, 'minute', `°${unit}`, 'minute', `°${unit}`]}
            rows={plan.lookedAt.length > 3 ? 5 : 6}
          />
        </Part>
      )}
      <Part name="What we saw: appearance, colour, texture, smell, sound">
        {plan.lookedAt.length > 0 ? (
          <Grid
            named
            heads={['', 'before', 'during', 'after']}
            firsts={plan.lookedAt.map(({ what }) => what)}
            rows={plan.lookedAt.length}
          />
        ) : (
          <Grid heads={['before', 'during', 'after']} rows={1} tall />
        )}
      </Part>
      <Measured plan={plan} />
      <Part name="What went differently">
        <Lines count={plan.lookedAt.length > 3 ? 1 : 2} />
      </Part>
      {plan.keyWords.length > 0 && (
        <Box mt="3mm">
          <strong>Words to use:</strong> {plan.keyWords.map(({ word }) => word).join(', ')}
        </Box>
      )}
      {plan.studentQuestions.map((question, i) => (
        <Box key={i} mt="3mm" css={{ breakInside: 'avoid' }}>
          <strong>{String.fromCharCode(97 + i)}</strong> {question}
          <Lines count={measured ? 2 : 3} />
        </Box>
      ))}
    </>
  );
}

/** Grids for what is measured: once a station, and piece by piece. */
function Measured({ plan }: { plan: Plan }) {
  const typed = plan.responses.filter((response) => response.formula === '' && !isPhoto(response));
  const photos = plan.responses.filter(isPhoto);
  const named = typed.filter((response) => response.points.length > 0);
  const head = ({ name, unit, points }: Response) =>
    `${name}${unit && points.length === 0 ? `, ${unit}` : ''}`;
  const once = typed.filter((response) => response.pieces === 1);
  const byPiece = typed.filter((response) => response.pieces > 1);
  const most = Math.max(0, ...byPiece.map((response) => response.pieces));
  return (
    <Part name="What we measured">
      {once.length > 0 && <Grid heads={['', ...once.map(head)]} firsts={['1st', '2nd', '3rd']} rows={3} />}
      {byPiece.length > 0 && (
        <Box mt={once.length > 0 ? '2mm' : undefined}>
          <Grid
            heads={['piece', ...byPiece.map(head)]}
            firsts={Array.from({ length: most }, (_, i) =>
              i === 0 && byPiece.some((response) => response.warmUp) ? '1 (warm-up)' : String(i + 1),
            )}
            rows={most}
          />
        </Box>
      )}
      {named.map((response) => (
        <Box key={response.id} mt="1.5mm" fontSize="9.5pt">
          {capitalised(response.name)} is one of: {response.points.join(', ')}.
        </Box>
      ))}
      {photos.map((response) => (
        <Box key={response.id} mt="1.5mm">
          ☐ {capitalised(response.name)} taken{response.pieces > 1 && `, pieces 1 to ${response.pieces}`}
          {response.instrument && `: ${response.instrument}`}
        </Box>
      ))}
    </Part>
  );
}
