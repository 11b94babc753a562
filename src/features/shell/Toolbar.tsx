'use client';
import { Flex, IconButton, NativeSelect } from '@chakra-ui/react';
import { CircleHelp, Moon, Redo2, Sun, Undo2 } from 'lucide-react';
import { useTheme } from 'next-themes';
import { UNIT_SYSTEMS, type UnitSystem } from '@/core/units';
import { usePreferences } from '@/store/react';
import { UNIT_SYSTEM_WORDS } from '@/ui/messages';
import { useUndoRedo } from './use-undo-redo';

/** Units, undo, redo, light or dark, help. */
export function Toolbar({ onHelp }: { readonly onHelp: () => void }) {
  const { undoes, redoes, undo, redo } = useUndoRedo();
  const [{ units }, setPreferences] = usePreferences();
  const { resolvedTheme, setTheme } = useTheme();
  const dark = resolvedTheme === 'dark';
  const button = { variant: 'ghost', size: { base: 'md', md: 'sm' } } as const;
  return (
    <Flex align="center" gap="0.5">
      <NativeSelect.Root size="sm" width="96px" mr="1">
        <NativeSelect.Field
          aria-label="Units"
          value={units}
          bg="bg.panel"
          onChange={(e) => setPreferences({ units: e.target.value as UnitSystem })}
        >
          {UNIT_SYSTEMS.map((u) => (
            <option key={u} value={u}>
              {UNIT_SYSTEM_WORDS[u]}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
      <IconButton
        {...button}
        aria-label={undoes ? `Undo: ${undoes}` : 'Nothing to undo'}
        title={undoes ? `Undo: ${undoes}` : undefined}
        disabled={!undoes}
        onClick={undo}
      >
        <Undo2 size={18} />
      </IconButton>
      <IconButton
        {...button}
        aria-label={redoes ? `Redo: ${redoes}` : 'Nothing to redo'}
        title={redoes ? `Redo: ${redoes}` : undefined}
        disabled={!redoes}
        onClick={redo}
      >
        <Redo2 size={18} />
      </IconButton>
      <IconButton
        {...button}
        aria-label={dark ? 'Light' : 'Dark'}
        onClick={() => setTheme(dark ? 'light' : 'dark')}
      >
        {dark ? <Sun size={18} /> : <Moon size={18} />}
      </IconButton>
      <IconButton
        {...button}
        display={{ base: 'none', sm: 'inline-flex' }}
        aria-label="Keys"
        onClick={onHelp}
      >
        <CircleHelp size={18} />
      </IconButton>
    </Flex>
  );
}
