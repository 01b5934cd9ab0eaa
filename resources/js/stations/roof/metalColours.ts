import type { SpaceSlice } from '../../contracts/layout';

/** Coats as they look in the picture. */
const COATS: Record<string, string> = {
    white: '#F1F1EC',
    sand: '#CDBFA4',
    'light-grey': '#B9BEBE',
    grey: '#85898A',
    charcoal: '#4A4E50',
    black: '#2A2B2C',
    red: '#8E2F25',
    brown: '#5C4433',
    green: '#2F5A48',
    blue: '#3C5A78',
};

/** Metals without one. */
const BARE: Record<string, string> = {
    steel: '#C6CCCB',
    aluminium: '#D3D7D8',
    copper: '#B56F43',
    zinc: '#8D979C',
    stainless: '#CBD0D2',
};

/** The colour of the chosen metal; null where nobody has chosen one and the metal is coated as a rule. */
export function metalOf(metal: SpaceSlice['metal'] | undefined): string | null {
    if (!metal) return null;
    if (metal.colour !== null && metal.colour !== 'bare') return COATS[metal.colour] ?? null;
    const coated = metal.material === 'steel' || metal.material === 'aluminium';
    return metal.colour === null && coated ? null : (BARE[metal.material] ?? null);
}
