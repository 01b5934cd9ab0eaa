import type { CutsSlice, PieceSlice } from '../../contracts/cutting';

/** What lies on the bench: all pieces, and the card of one. */
export type BenchSlice = CutsSlice & { card: NonNullable<PieceSlice['card']> };
