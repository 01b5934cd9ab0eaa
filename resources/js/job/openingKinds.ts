/** What comes through a roof. */
export const KINDS = ['pipe', 'skylight', 'chimney', 'curb', 'vent'] as const;
export type OpeningKind = (typeof KINDS)[number];

/** What a first one of a kind is like, inches, until it is taped. */
export const USUAL = {
    pipe: { diameter: 3 },
    skylight: { width: 24, height: 46 },
    chimney: { width: 32, height: 24 },
    curb: { width: 36, height: 36 },
    vent: { width: 16, height: 16 },
};
