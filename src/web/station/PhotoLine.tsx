import { Box, chakra, Flex } from '@chakra-ui/react';
import { Camera } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { Response } from '../../core/practical';
import type { EntryBody, Noted, PhotoBody } from '../../core/run';
import type { RunDoor } from '../api/doors';
import { takeIn } from '../pictures/take-in';
import { addressOf, keepHere } from '../pictures/waiting-pictures';
import { firstWithout, PieceChips } from './PieceChips';
import { ResponseHead } from './ResponseHead';

interface PhotoLineProps {
  response: Response;
  taken: readonly Noted<PhotoBody>[];
  door: RunDoor;
  onLog(body: EntryBody): Promise<unknown>;
}

/** A picture of what is made: what was taken so far, and the camera. */
export function PhotoLine({ response, taken, door, onLog }: PhotoLineProps) {
  const [chosen, setChosen] = useState<number | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const byPiece = response.pieces > 1;
  const done = taken.map(({ body }) => body.piece);
  const piece = chosen ?? firstWithout(response, done);
  const take = async (file: File) => {
    setBusy(true);
    setTrouble(null);
    try {
      const { hash, bytes } = await takeIn(file);
      await keepHere(hash, bytes);
      await onLog({
        kind: 'photo',
        responseId: response.id,
        name: response.name,
        picture: hash,
        ...(byPiece && { piece }),
      });
      setChosen(null);
    } catch (error) {
      setTrouble((error as Error).message);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Box>
      <ResponseHead
        response={response}
        there={taken.length === 0 ? '' : taken.length === 1 ? 'a photo' : `${taken.length} photos`}
      />
      <PieceChips response={response} done={done} piece={piece} onPiece={setChosen} />
      <Flex gap="2" mt="1" wrap="wrap" align="flex-end">
        {taken.map((one) => (
          <Taken
            key={one.id}
            photo={one}
            door={door}
            onStrike={() => onLog({ kind: 'correction', corrects: one.id, to: null })}
          />
        ))}
        <TakePhoto
          label={`Take a photo: ${response.name}${byPiece ? ` of piece ${piece}` : ''}`}
          busy={busy}
          onFile={take}
        />
      </Flex>
      {trouble && (
        <Box role="alert" color="ember" fontSize="sm" fontWeight="medium" mt="1">
          {trouble}
        </Box>
      )}
    </Box>
  );
}

interface TakePhotoProps {
  label: string;
  busy: boolean;
  onFile(file: File): Promise<void>;
}

/** Opens the camera of a phone or tablet, elsewhere a choice of files. */
function TakePhoto({ label, busy, onFile }: TakePhotoProps) {
  return (
    <chakra.label
      display="inline-flex"
      alignItems="center"
      gap="2"
      minH="52px"
      px="4"
      bg="tawny"
      color="onTawny"
      fontWeight="bold"
      borderRadius="8px"
      cursor="pointer"
      css={{ '&:focus-within': { outline: '3px solid', outlineColor: 'glass', outlineOffset: '2px' } }}
    >
      <Camera size={20} aria-hidden />
      {busy ? 'Keeping…' : 'Take a photo'}
      <chakra.input
        type="file"
        accept="image/*"
        capture="environment"
        aria-label={label}
        disabled={busy}
        position="absolute"
        w="1px"
        h="1px"
        opacity="0"
        overflow="hidden"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void onFile(file);
        }}
      />
    </chakra.label>
  );
}

function Taken({ photo, door, onStrike }: { photo: Noted<PhotoBody>; door: RunDoor; onStrike(): void }) {
  const { piece, picture, name } = photo.body;
  const [address, setAddress] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    let own: string | null = null;
    void addressOf(picture, door).then((found) => {
      if (found.startsWith('blob:')) own = found;
      if (!gone) setAddress(found);
    });
    return () => {
      gone = true;
      if (own) URL.revokeObjectURL(own);
    };
  }, [picture, door]);
  const what = `${name}${piece === undefined ? '' : `, piece ${piece}`}`;
  return (
    <Box>
      {address && (
        <chakra.img src={address} alt={what} h="72px" maxW="120px" objectFit="cover" borderRadius="6px" />
      )}
      <chakra.button
        fontSize="sm"
        textDecoration="underline"
        color="tawnyDeep"
        minH="28px"
        cursor="pointer"
        aria-label={`strike out: ${what}`}
        onClick={onStrike}
      >
        {piece === undefined ? '' : `${piece} · `}strike out
      </chakra.button>
    </Box>
  );
}
