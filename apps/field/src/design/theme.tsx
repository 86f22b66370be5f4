import { createContext, useContext, useEffect, useMemo, type PropsWithChildren } from 'react';
import { useColorScheme } from 'react-native';
import { usePreferences } from '../offline/preferences';
import { DARK, LIGHT, type Palette } from './tokens';

const PaletteContext = createContext<Palette>(LIGHT);

/** Chooses light or dark by preference, else by the device. */
export function ThemeProvider({ children }: PropsWithChildren) {
  const { theme } = usePreferences();
  const device = useColorScheme();
  const isDark = theme === 'dark' || (theme === 'device' && device === 'dark');
  const palette = useMemo(() => (isDark ? DARK : LIGHT), [isDark]);
  useEffect(() => {
    if (typeof document === 'undefined') return;
    // What the page draws by itself: the ring round what has the keys, and what shows past the end of a page.
    document.documentElement.style.setProperty('--ring', palette.accent);
    document.body.style.backgroundColor = palette.paper;
  }, [palette]);
  return <PaletteContext.Provider value={palette}>{children}</PaletteContext.Provider>;
}

export function usePalette(): Palette {
  return useContext(PaletteContext);
}

/**
 * Styles that take colours of the theme, made once for each palette: a style made anew at every drawing is felt under the
 * thumb where a whole walk-round is drawn again.
 */
export function themed<Styles>(make: (palette: Palette) => Styles): () => Styles {
  const made = new Map<Palette, Styles>();
  return () => {
    const palette = usePalette();
    const styles = made.get(palette) ?? make(palette);
    made.set(palette, styles);
    return styles;
  };
}
