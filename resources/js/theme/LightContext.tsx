import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { createContext, useContext, useLayoutEffect, useMemo, useState, type ReactNode } from 'react';
import { makeTheme, palettes, type Light } from './theme';

const SHELF = 'imbrex.light';

interface LightState {
    light: Light;
    setLight: (light: Light) => void;
}

const LightContext = createContext<LightState>({ light: 'shop', setLight: () => undefined });

export const useLight = () => useContext(LightContext);

function remembered(): Light {
    const kept = window.localStorage.getItem(SHELF);
    return kept === 'sun' || kept === 'night' ? kept : 'shop';
}

/** Shop, sun or night: sets MUI's theme and the CSS variables the drawings use. */
export function LightProvider({ children }: { children: ReactNode }) {
    const [light, choose] = useState<Light>(remembered);
    const state = useMemo(
        () => ({
            light,
            setLight: (next: Light) => {
                window.localStorage.setItem(SHELF, next);
                choose(next);
            },
        }),
        [light],
    );
    // On the root, because dialogs and menus are drawn outside the application's own element.
    useLayoutEffect(() => {
        const root = document.documentElement;
        root.dataset.light = light;
        for (const [name, colour] of Object.entries(palettes[light])) root.style.setProperty(`--${name}`, colour);
    }, [light]);
    return (
        <LightContext.Provider value={state}>
            <ThemeProvider theme={useMemo(() => makeTheme(light), [light])}>
                <CssBaseline />
                <div className="light">{children}</div>
            </ThemeProvider>
        </LightContext.Provider>
    );
}
