import { Box, Flex } from '@chakra-ui/react';
import { settingKinds, settingShape, stepShape, type Step } from '../../core/practical';
import { capitalised } from '../../core/format';
import { isFull, longest, range } from '../../core/shape';
import { Choice, NumberField, TextField } from '../ui/fields';
import { withoutAt, withPatchAt } from '../ui/lists';
import { MoreButton, RemoveButton } from '../ui/line-tools';
import type { StepPartProps } from './step-part';

type Setting = Step['settings'][number];

/** Settings of oven, hob and tools, staged where they change on the way. */
export function StepSettings({ step, number, onChange }: StepPartProps) {
  const { settings } = step;
  return (
    <Box>
      {settings.map((setting, i) => (
        <SettingLine
          key={i}
          setting={setting}
          name={`setting ${i + 1} of step ${number}`}
          onSetting={(patch) => onChange({ settings: withPatchAt(settings, i, patch) })}
          onRemove={() => onChange({ settings: withoutAt(settings, i) })}
        />
      ))}
      {!isFull(stepShape.fields.settings, settings) && (
        <MoreButton
          onClick={() =>
            onChange({ settings: [...settings, { what: 'oven', celsius: null, words: '', from: 0 }] })
          }
        >
          a setting of oven, hob or tool
        </MoreButton>
      )}
    </Box>
  );
}

interface SettingLineProps {
  setting: Setting;
  name: string;
  onSetting(patch: Partial<Setting>): void;
  onRemove(): void;
}

function SettingLine({ setting, name, onSetting, onRemove }: SettingLineProps) {
  return (
    <Flex role="group" align="baseline" gap="1.5" wrap="wrap">
      Set the{' '}
      <Choice
        label={capitalised(name)}
        value={setting.what}
        options={settingKinds.map((what) => [what, what] as const)}
        onValue={(what) => onSetting({ what })}
      />{' '}
      to{' '}
      <NumberField
        label={`Temperature of ${name}`}
        value={setting.celsius}
        {...range(settingShape.fields.celsius)}
        unit="°C"
        mayBeEmpty
        placeholder="—"
        chars={1}
        onValue={(celsius) => onSetting({ celsius })}
      />{' '}
      °C,{' '}
      <TextField
        label={`Words of ${name}`}
        most={longest(settingShape.fields.words)}
        value={setting.words}
        placeholder="fan, mark 6 …"
        chars={1}
        onValue={(words) => onSetting({ words })}
      />
      , from{' '}
      <NumberField
        label={`Beginning of ${name}`}
        value={setting.from}
        {...range(settingShape.fields.from)}
        unit="min"
        chars={1}
        onValue={(from) => onSetting({ from: from! })}
      />{' '}
      min on
      <RemoveButton what={name} onClick={onRemove} />
    </Flex>
  );
}
