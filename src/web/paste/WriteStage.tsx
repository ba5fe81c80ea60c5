import { Box, chakra, Flex } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { MainButton, QuietButton, WordButton } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { exampleText } from './example-text';
import { openedFile, openedText, type Opened } from './opened';

interface WriteStageProps {
  text: string;
  onText(text: string): void;
  onOpened(opened: Opened): void;
  refused: string | null;
}

/** Where a recipe is pasted, typed, dropped or opened. What is pasted into the empty field is read at once. */
export function WriteStage({ text, onText, onOpened, refused }: WriteStageProps) {
  const file = useRef<HTMLInputElement>(null);
  const take = (chosen: File | undefined) => {
    if (chosen) void openedFile(chosen).then(onOpened);
  };
  return (
    <Flex direction="column" flex="1" px={{ base: '4', md: '7' }} py="5" maxW="60rem" w="100%" mx="auto">
      <Box mb="3" maxW="44rem">
        Paste a recipe as it is: a list and steps, running text, two columns, a page copied from anywhere, in
        English or with ingredients in German, French, Spanish, Italian or Indonesian. It is read line against
        line; nothing is kept until you say so.
      </Box>
      {refused !== null && (
        <Box mb="3">
          <Notice kind="stop">{refused}</Notice>
        </Box>
      )}
      <PasteField text={text} onText={onText} onOpened={onOpened} onFile={take} />
      <Flex gap="3" mt="3" align="center" wrap="wrap">
        <MainButton disabled={text.trim() === ''} onClick={() => onOpened(openedText(text))}>
          Read it
        </MainButton>
        <QuietButton css={{ minH: '44px' }} onClick={() => file.current?.click()}>
          Open a file
        </QuietButton>
        {text === '' && <WordButton onClick={() => onText(exampleText)}>fill in the example</WordButton>}
        <Box fontSize="sm" color="soft">
          Ctrl Enter reads it. Files: text, a saved page, recipe data (JSON-LD), a colleague’s plan.
        </Box>
      </Flex>
      <input
        ref={file}
        type="file"
        hidden
        aria-label="Recipe file"
        accept=".txt,.md,.html,.htm,.json,.jsonld,text/plain,text/html,application/json,application/ld+json"
        onChange={(event) => {
          take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
    </Flex>
  );
}

interface PasteFieldProps extends Pick<WriteStageProps, 'text' | 'onText' | 'onOpened'> {
  onFile(file: File): void;
}

/** The field itself: what is pasted into it while it is empty is read at once, what is dropped on it is opened. */
function PasteField({ text, onText, onOpened, onFile }: PasteFieldProps) {
  const [over, setOver] = useState(false);
  return (
    <chakra.textarea
      autoFocus
      aria-label="The recipe"
      value={text}
      placeholder={exampleText}
      onChange={(event) => onText(event.target.value)}
      onPaste={(event) => {
        const pasted = event.clipboardData.getData('text/plain');
        if (text.trim() !== '' || pasted.trim().length < 20) return;
        event.preventDefault();
        onText(pasted);
        onOpened(openedText(pasted));
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && text.trim() !== '')
          onOpened(openedText(text));
      }}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        setOver(false);
        const [dropped] = event.dataTransfer.files;
        if (!dropped) return;
        event.preventDefault();
        onFile(dropped);
      }}
      flex="1"
      minH="22rem"
      bg={over ? 'glassWash' : 'sheet'}
      borderWidth="1px"
      borderColor={over ? 'glass' : 'strongRule'}
      borderRadius="6px"
      p="4"
      lineHeight="1.6"
      resize="vertical"
    />
  );
}
