/** px per inch: the widest sheet still fits beside its numbers. */
const SCALE = 7.2;
const WIDE = 44;
const HIGH = 2.4;
const MARGIN = 2.8;

/** A profile cut across. All are drawn to one scale, so that they can be told apart at a glance; decoration beside its numbers. */
export function ProfileSection({ section }: { section: [number, number][] }) {
    const line = section.map(([u, v]) => `${((u + MARGIN) * SCALE).toFixed(1)},${((HIGH - v) * SCALE).toFixed(1)}`);
    return (
        <svg
            width={WIDE * SCALE}
            height={(HIGH + 0.3) * SCALE}
            aria-hidden="true"
            style={{ display: 'block', maxWidth: '100%' }}
            viewBox={`0 0 ${WIDE * SCALE} ${(HIGH + 0.3) * SCALE}`}
        >
            <polyline
                points={line.join(' ')}
                fill="none"
                stroke="currentColor"
                strokeWidth="2"
                strokeLinejoin="round"
            />
        </svg>
    );
}
