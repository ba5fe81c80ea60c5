import { Box, chakra, Flex } from '@chakra-ui/react';
import { Eye, Hand, Ruler, Scale, Shuffle, Thermometer } from 'lucide-react';
import { NumberPad } from './NumberPad';
import { OtherPad } from './OtherPad';
import type { PadProps } from './pad-props';

const allTabs = [
  { id: 'weighed', name: 'Weigh', icon: Scale },
  { id: 'degrees', name: 'Degrees', icon: Thermometer },
  { id: 'saw', name: 'Saw', icon: Eye },
  { id: 'did', name: 'Did', icon: Hand },
  { id: 'measured', name: 'Measured', icon: Ruler },
  { id: 'differently', name: 'Differently', icon: Shuffle },
] as const;

export type TabId = (typeof allTabs)[number]['id'];

const Tab = chakra('button', {
  base: {
    flex: '1 1 0',
    minW: 0,
    minH: '52px',
    display: 'flex',
    flexDirection: 'column',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '1px',
    fontSize: '13px',
    borderBottomWidth: '4px',
    borderColor: 'transparent',
    color: 'soft',
    cursor: 'pointer',
    '&[aria-selected=true]': { color: 'ink', fontWeight: 'bold', borderColor: 'tawny' },
  },
});

/** Ways to write something down, each by touch. */
export function EntryTabs({
  chosen,
  onChoose,
  ...props
}: PadProps & { chosen: TabId; onChoose(tab: TabId): void }) {
  const weighs = props.state.own.ingredients.some(({ by, dropped }) => by === 'students' && !dropped);
  const tabs = allTabs.filter(({ id }) => id !== 'weighed' || weighs);
  const choose = (step: number) => {
    const at = tabs.findIndex((tab) => tab.id === chosen);
    const next = tabs[(at + step + tabs.length) % tabs.length]!;
    onChoose(next.id);
    document.getElementById(`tab-${next.id}`)?.focus();
  };
  return (
    <Flex direction="column" bg="paper" flex="1" px="3" pb="3">
      <Flex
        role="tablist"
        aria-label="What to write down"
        onKeyDown={(event) => {
          if (event.key === 'ArrowRight') choose(1);
          if (event.key === 'ArrowLeft') choose(-1);
        }}
      >
        {tabs.map(({ id, name, icon: Icon }) => (
          <Tab
            key={id}
            id={`tab-${id}`}
            role="tab"
            aria-selected={chosen === id}
            aria-controls="pad"
            tabIndex={chosen === id ? 0 : -1}
            onClick={() => onChoose(id)}
          >
            <Icon size={18} aria-hidden />
            {name}
          </Tab>
        ))}
      </Flex>
      <Box
        id="pad"
        role="tabpanel"
        aria-labelledby={`tab-${chosen}`}
        pt="2.5"
        flex="1"
        display="flex"
        flexDirection="column"
      >
        {chosen === 'degrees' && <NumberPad {...props} />}
        {chosen !== 'degrees' && <OtherPad chosen={chosen} {...props} />}
      </Box>
    </Flex>
  );
}
