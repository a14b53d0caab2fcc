import { ThemeProvider } from '@mui/material/styles';
import { useEffect, useMemo, type ReactNode } from 'react';
import { useStore } from '../state/store.ts';
import { themeOf } from '../theme.ts';

/** The look, light or dark, for MUI and for the page itself. */
export function Themed({ children }: { children: ReactNode }) {
  const dark = useStore((s) => s.view.dark);
  const theme = useMemo(() => themeOf(dark), [dark]);
  useEffect(() => {
    if (dark) document.documentElement.dataset['dark'] = '';
    else delete document.documentElement.dataset['dark'];
  }, [dark]);
  return <ThemeProvider theme={theme}>{children}</ThemeProvider>;
}
