import { createContext, useContext, useMemo, type PropsWithChildren } from 'react';
import { useColorScheme } from 'react-native';
import { usePreferences } from '../data/preferences';
import { DARK, LIGHT, type Palette } from './tokens';

const PaletteContext = createContext<Palette>(LIGHT);

/** Chooses light or dark by preference, else by the device. */
export function ThemeProvider({ children }: PropsWithChildren) {
  const { theme } = usePreferences();
  const device = useColorScheme();
  const isDark = theme === 'dark' || (theme === 'device' && device === 'dark');
  const palette = useMemo(() => (isDark ? DARK : LIGHT), [isDark]);
  return <PaletteContext.Provider value={palette}>{children}</PaletteContext.Provider>;
}

export function usePalette(): Palette {
  return useContext(PaletteContext);
}
