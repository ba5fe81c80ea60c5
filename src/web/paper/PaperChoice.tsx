import { Flex } from '@chakra-ui/react';
import { Printer } from 'lucide-react';
import { MainButton, QuietButton } from '../ui/Button';
import { paperNames, type PaperName } from './paper';

interface PaperNamesProps {
  paper: PaperName;
  onPaper(paper: PaperName): void;
}

/** Which paper. */
export const PaperNames = ({ paper, onPaper }: PaperNamesProps) => (
  <Flex gap="1.5" my="3" role="group" aria-label="Paper">
    {paperNames.map((name) => (
      <QuietButton key={name} aria-pressed={paper === name} onClick={() => onPaper(name)}>
        {name}
      </QuietButton>
    ))}
  </Flex>
);

/** Which paper, and the way to the printer. */
export function PaperChoice({ paper, onPaper }: PaperNamesProps) {
  return (
    <>
      <PaperNames paper={paper} onPaper={onPaper} />
      <MainButton onClick={() => window.print()} display="inline-flex" alignItems="center" gap="2">
        <Printer size={18} aria-hidden />
        Print or save as PDF
      </MainButton>
    </>
  );
}
