import { Flex } from '@chakra-ui/react';
import type { Response } from '../../core/practical';
import { Chip } from '../ui/pad-keys';

interface PieceChipsProps {
  response: Response;
  /** Pieces that have something already. */
  done: readonly (number | undefined)[];
  piece: number;
  onPiece(piece: number): void;
}

/** Which piece of the station it is of; nothing where the station is measured as a whole. */
export function PieceChips({ response, done, piece, onPiece }: PieceChipsProps) {
  if (response.pieces < 2) return null;
  return (
    <Flex gap="1.5" mt="1" wrap="wrap" role="group" aria-label={`Piece for ${response.name}`}>
      {Array.from({ length: response.pieces }, (_, i) => i + 1).map((one) => (
        <Chip key={one} type="button" aria-pressed={piece === one} onClick={() => onPiece(one)}>
          {done.includes(one) ? '✓ ' : ''}
          {one}
          {one === 1 && response.warmUp ? ' warm-up' : ''}
        </Chip>
      ))}
    </Flex>
  );
}

/** The first piece that has nothing yet; all have something: the first. */
export function firstWithout({ pieces }: Response, done: readonly (number | undefined)[]): number {
  for (let piece = 1; piece <= pieces; piece += 1) if (!done.includes(piece)) return piece;
  return 1;
}
