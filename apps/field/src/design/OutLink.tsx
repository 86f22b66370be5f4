import type { ComponentType, ReactNode } from 'react';
import { StyleSheet, Text, type TextProps } from 'react-native';
import { FONT, SIZE, TARGET } from './tokens';
import { usePalette } from './theme';

/** What React Native for the web takes beside what a telephone's own text takes. */
type WebText = TextProps & { href: string; hrefAttrs?: { rel: string; target?: string } };
const Link = Text as unknown as ComponentType<WebText & { children: ReactNode }>;

export interface OutLinkProps {
  href: string;
  /** What a screen reader says; the words themselves unless said. */
  label?: string;
  testID?: string;
  children: string;
}

/** Leads out of the app: dials, opens the maps. A full target, underlined as links are. */
export function OutLink({ href, label, testID, children }: OutLinkProps) {
  const palette = usePalette();
  const isPage = href.startsWith('https:');
  return (
    <Link
      role="link"
      href={href}
      hrefAttrs={{ rel: 'noreferrer', ...(isPage && { target: '_blank' }) }}
      aria-label={label}
      testID={testID}
      style={[styles.link, { color: palette.ink }]}
    >
      {children}
    </Link>
  );
}

const styles = StyleSheet.create({
  link: {
    minHeight: TARGET,
    paddingVertical: 12,
    fontFamily: FONT.text,
    fontSize: SIZE.text,
    lineHeight: 24,
    textDecorationLine: 'underline',
  },
});
