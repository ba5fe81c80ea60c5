import type { RecordedBody } from '../../core/run';
import { DidPad } from './DidPad';
import { MeasuredPad } from './MeasuredPad';
import type { PadProps } from './pad-props';
import { SawPad } from './SawPad';
import { WeighedPad } from './WeighedPad';
import { WordsPad } from './WordsPad';

interface OtherPadProps extends PadProps {
  chosen: 'weighed' | 'saw' | 'did' | 'measured' | 'differently';
}

/** Every pad but the one for degrees, which stands there first. */
export function OtherPad({ chosen, ...props }: OtherPadProps) {
  switch (chosen) {
    case 'weighed':
      return <WeighedPad {...props} />;
    case 'saw':
      return <SawPad {...props} />;
    case 'did':
      return <DidPad {...props} />;
    case 'measured':
      return <MeasuredPad {...props} />;
    case 'differently':
      return (
        <WordsPad
          label="What went differently"
          placeholder="ran out of caster sugar, used granulated"
          keep={(text): RecordedBody => ({ kind: 'deviation', text })}
          onLog={props.onLog}
        />
      );
  }
}
