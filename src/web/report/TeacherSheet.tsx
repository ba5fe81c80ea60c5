import { Box, Heading } from '@chakra-ui/react';
import { capitalised } from '../../core/format';
import type { Plan } from '../../core/practical';
import { Page } from '../paper/Page';
import type { PaperName } from '../paper/paper';
import { Part } from '../paper/paper-parts';

const changes = {
  physical: 'physical change',
  chemical: 'chemical change',
  both: 'physical and chemical change',
};

/** For the teacher alone: aims, key words, what each step teaches, what goes wrong, and what good answers say. */
export function TeacherSheet({ plan, paper }: { plan: Plan; paper: PaperName }) {
  const taught = plan.steps.filter(({ why, change, wrong }) => why || change || wrong);
  return (
    <Page paper={paper} foot={`Teacher’s sheet · ${plan.title}`}>
      <Heading as="h2" fontFamily="heading" fontSize="16pt" fontWeight="semibold">
        Teacher’s sheet
      </Heading>
      <Box fontSize="12pt" mt="1mm">
        {plan.title}
      </Box>
      {plan.aims.length > 0 && (
        <Part name="Students can">
          {plan.aims.map((aim, i) => (
            <Box key={i}>{capitalised(aim)}.</Box>
          ))}
        </Part>
      )}
      {plan.keyWords.length > 0 && (
        <Part name="Key words">
          {plan.keyWords.map(({ word, meaning }, i) => (
            <Box key={i}>
              <strong>{word}</strong> {meaning}
            </Box>
          ))}
        </Part>
      )}
      {taught.length > 0 && (
        <Part name="Step by step">
          {taught.map((step) => (
            <Box key={step.id} mb="1.4mm" css={{ breakInside: 'avoid' }}>
              <strong>{plan.steps.indexOf(step) + 1}</strong>{' '}
              {[step.change && capitalised(changes[step.change]), step.why].filter(Boolean).join(': ')}
              {step.wrong && (
                <Box pl="4mm" color="soft">
                  When it goes wrong: {step.wrong}
                </Box>
              )}
            </Box>
          ))}
        </Part>
      )}
      {plan.lookedAt.length > 0 && (
        <Part name="To be seen">
          {plan.lookedAt.map(({ id, what, before, during, after }) => (
            <Box key={id}>
              <strong>{what}</strong> {[before, during, after].filter(Boolean).join(' → ')}
            </Box>
          ))}
        </Part>
      )}
      {plan.studentQuestions.length > 0 && (
        <Part name="Questions, and what a good answer says">
          {plan.studentQuestions.map((question, i) => (
            <Box key={i} mb="1.4mm" css={{ breakInside: 'avoid' }}>
              <strong>{String.fromCharCode(97 + i)}</strong> {question}
              <Box pl="4mm" color="soft">
                {plan.answers.find((one) => one.question === question)?.answer || 'no answer written yet'}
              </Box>
            </Box>
          ))}
        </Part>
      )}
      {plan.nextTime && <Part name="Next time">{plan.nextTime}</Part>}
    </Page>
  );
}
