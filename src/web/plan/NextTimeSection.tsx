import { memo } from 'react';
import { planShape } from '../../core/practical';
import { longest } from '../../core/shape';
import { TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { Section } from '../ui/Section';

/** What the teacher wants to remember; students never see it. */
export const NextTimeSection = memo(function NextTimeSection() {
  const { plan, edit } = usePlan();
  return (
    <Section name="Next time">
      <TextField
        label="For next time"
        multiline
        most={longest(planShape.fields.nextTime)}
        value={plan.nextTime}
        placeholder="for yourself, on no sheet: the left oven runs hot, ten more minutes for weighing …"
        onValue={(nextTime) => edit('next-time', (was) => ({ ...was, nextTime }))}
      />
    </Section>
  );
});
