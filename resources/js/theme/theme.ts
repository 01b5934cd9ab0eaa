import { createTheme, type Theme } from '@mui/material/styles';

export type Light = 'shop' | 'sun' | 'night';

interface Palette {
    ground: string;
    card: string;
    ink: string;
    muted: string;
    rule: string;
    metal: string;
    seam: string;
    action: string;
    actionText: string;
    actionTint: string;
    chalk: string;
    /** Chalk dark enough for words. */
    chalkInk: string;
    settle: string;
    settleTint: string;
    stop: string;
    stopTint: string;
    tape: string;
}

export const palettes: Record<Light, Palette> = {
    shop: {
        ground: '#F2F0EA',
        card: '#FBFAF7',
        ink: '#1E2629',
        muted: '#5D686B',
        rule: '#CFCBC1',
        metal: '#DDE4E3',
        seam: '#8DA0A2',
        action: '#1D7468',
        actionText: '#FFFFFF',
        actionTint: '#DCEAE6',
        chalk: '#D9661B',
        chalkInk: '#A3450A',
        settle: '#9A6A00',
        settleTint: '#F7E9C8',
        stop: '#A62B1F',
        stopTint: '#F6DDD9',
        tape: '#FFFDF4',
    },
    sun: {
        ground: '#FFFFFF',
        card: '#FFFFFF',
        ink: '#000000',
        muted: '#2B3336',
        rule: '#6F7678',
        metal: '#E6EBEA',
        seam: '#4F6062',
        action: '#0B4F46',
        actionText: '#FFFFFF',
        actionTint: '#CFE6E0',
        chalk: '#B34700',
        chalkInk: '#8A3600',
        settle: '#6B4900',
        settleTint: '#FFE9AE',
        stop: '#8A160B',
        stopTint: '#FFD5CF',
        tape: '#FFFFFF',
    },
    night: {
        ground: '#161B1D',
        card: '#1F2628',
        ink: '#F0EEE8',
        muted: '#A9B3B5',
        rule: '#3C4749',
        metal: '#34403F',
        seam: '#7E9294',
        action: '#5CC2B2',
        actionText: '#0B1614',
        actionTint: '#1E3F3A',
        chalk: '#FF9550',
        chalkInk: '#FF9550',
        settle: '#F0C35A',
        settleTint: '#40351A',
        stop: '#FF9C90',
        stopTint: '#4A221D',
        tape: '#2A2F2C',
    },
};

/** The one theme: MUI's controls take the same colours the drawings take as CSS variables. */
export function makeTheme(light: Light): Theme {
    const p = palettes[light];
    const size = light === 'sun' ? 17 : 15;
    return createTheme({
        palette: {
            mode: light === 'night' ? 'dark' : 'light',
            primary: { main: p.action, contrastText: p.actionText },
            error: { main: p.stop },
            warning: { main: p.settle },
            background: { default: p.ground, paper: p.card },
            text: { primary: p.ink, secondary: p.muted },
            divider: p.rule,
        },
        shape: { borderRadius: 6 },
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
                styleOverrides: { root: { minHeight: 40, lineHeight: 1.2 } },
            },
            MuiButtonBase: { defaultProps: { disableRipple: true } },
            MuiTextField: { defaultProps: { size: 'small', fullWidth: true } },
            MuiOutlinedInput: { styleOverrides: { root: { background: p.card, minHeight: 42 } } },
            MuiDialogTitle: { styleOverrides: { root: { fontSize: 22, fontWeight: 700 } } },
            MuiTooltip: { defaultProps: { enterDelay: 500 } },
            MuiFormHelperText: { styleOverrides: { root: { fontSize: size - 1, marginLeft: 2 } } },
        },
    });
}
