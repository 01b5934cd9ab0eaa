import { createTheme, type Theme } from '@mui/material/styles';

export type Light = 'shop' | 'sun' | 'night';

interface Palette {
    ground: string;
    card: string;
    ink: string;
    muted: string;
    rule: string;
    metal: string;
    wood: string;
    foam: string;
    seam: string;
    action: string;
    actionText: string;
    actionTint: string;
    chalk: string;
    /** Chalk dark enough for words. */
    chalkInk: string;
    /** Words on chalk. */
    chalkText: string;
    settle: string;
    /** The same dark enough for words. */
    settleInk: string;
    settleTint: string;
    stop: string;
    stopTint: string;
    tape: string;
    water: string;
}

export const palettes: Record<Light, Palette> = {
    shop: {
        ground: '#F2F0EA',
        card: '#FBFAF7',
        ink: '#1E2629',
        muted: '#556063',
        rule: '#CFCBC1',
        metal: '#DDE4E3',
        wood: '#E9DFC7',
        foam: '#C9CFC6',
        seam: '#8DA0A2',
        action: '#1D7468',
        actionText: '#FFFFFF',
        actionTint: '#DCEAE6',
        chalk: '#D9661B',
        chalkInk: '#8F3A05',
        chalkText: '#10171A',
        settle: '#9A6A00',
        settleInk: '#6F4C00',
        settleTint: '#F7E9C8',
        stop: '#A62B1F',
        stopTint: '#F6DDD9',
        tape: '#FFFDF4',
        water: '#2C6E87',
    },
    sun: {
        ground: '#FFFFFF',
        card: '#FFFFFF',
        ink: '#000000',
        muted: '#2B3336',
        rule: '#6F7678',
        metal: '#E6EBEA',
        wood: '#EFE6CC',
        foam: '#CBD2C8',
        seam: '#4F6062',
        action: '#0B4F46',
        actionText: '#FFFFFF',
        actionTint: '#CFE6E0',
        chalk: '#963B00',
        chalkInk: '#6E2B00',
        chalkText: '#FFFFFF',
        settle: '#6B4900',
        settleInk: '#563A00',
        settleTint: '#FFE9AE',
        stop: '#8A160B',
        stopTint: '#FFD5CF',
        tape: '#FFFFFF',
        water: '#0A4A63',
    },
    night: {
        ground: '#161B1D',
        card: '#1F2628',
        ink: '#F0EEE8',
        muted: '#A9B3B5',
        rule: '#3C4749',
        metal: '#34403F',
        wood: '#4A4232',
        foam: '#3E4A46',
        seam: '#7E9294',
        action: '#5CC2B2',
        actionText: '#0B1614',
        actionTint: '#1E3F3A',
        chalk: '#FF9550',
        chalkInk: '#FF9550',
        chalkText: '#0B1614',
        settle: '#F0C35A',
        settleInk: '#F0C35A',
        settleTint: '#40351A',
        stop: '#FF9C90',
        stopTint: '#4A221D',
        tape: '#2A2F2C',
        water: '#6FB4CE',
    },
};

const STILL = {
    shortest: 0,
    shorter: 0,
    short: 0,
    standard: 0,
    complex: 0,
    enteringScreen: 0,
    leavingScreen: 0,
};

/** The one theme: MUI's controls take the same colours the drawings take as CSS variables. */
export function makeTheme(light: Light): Theme {
    // Whoever wants nothing to slide or fade has said so to the system.
    const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    const p = palettes[light];
    const size = light === 'sun' ? 17 : 15;
    return createTheme({
        palette: {
            mode: light === 'night' ? 'dark' : 'light',
            primary: { main: p.action, contrastText: p.actionText },
            error: { main: p.stop },
            warning: { main: p.settleInk },
            background: { default: p.ground, paper: p.card },
            text: { primary: p.ink, secondary: p.muted, disabled: p.muted },
            divider: p.rule,
            // What cannot be pressed is still read.
            action: { disabled: p.muted, disabledOpacity: 1 },
        },
        shape: { borderRadius: 6 },
        transitions: still ? { create: () => 'none', duration: STILL } : {},
        typography: {
            fontFamily: "'Sofia Sans Semi Condensed Variable', sans-serif",
            fontSize: size,
            button: { textTransform: 'none', fontWeight: 650, fontSize: size },
            body1: { fontSize: size },
            body2: { fontSize: size - 1 },
        },
        components: {
            MuiButton: {
                defaultProps: { disableElevation: true },
                styleOverrides: {
                    root: {
                        minHeight: 40,
                        lineHeight: 1.2,
                        '&.Mui-disabled': { color: p.muted, background: p.ground, border: `1px dashed ${p.muted}` },
                    },
                },
            },
            MuiButtonBase: { defaultProps: { disableRipple: true } },
            MuiTextField: { defaultProps: { size: 'small', fullWidth: true } },
            MuiOutlinedInput: {
                styleOverrides: {
                    root: {
                        background: p.card,
                        minHeight: 42,
                        '&.Mui-disabled .MuiOutlinedInput-notchedOutline': {
                            borderStyle: 'dashed',
                            borderColor: p.muted,
                        },
                    },
                    input: {
                        '&::placeholder': { opacity: 1, color: p.muted },
                        '&.Mui-disabled': { WebkitTextFillColor: p.muted },
                    },
                },
            },
            // One with nothing to press in it is scrolled by keyboard, too.
            MuiDialogContent: { defaultProps: { tabIndex: 0 } },
            // Choices are part of what they were opened from.
            MuiMenu: {
                defaultProps: {
                    container: () =>
                        document.querySelector<HTMLElement>('[role="dialog"]') ??
                        document.querySelector<HTMLElement>('main') ??
                        document.body,
                },
            },
            MuiMenuItem: { styleOverrides: { root: { '&.Mui-disabled': { opacity: 1, color: p.muted } } } },
            MuiDialogTitle: { styleOverrides: { root: { fontSize: 22, fontWeight: 700 } } },
            MuiFormHelperText: { styleOverrides: { root: { fontSize: size - 1, marginLeft: 2 } } },
        },
    });
}
