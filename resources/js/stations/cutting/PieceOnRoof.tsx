import { useTranslation } from 'react-i18next';
import type { CardView } from '../../contracts/cutting';

interface PieceOnRoofProps {
    /** The face of the piece, as one looks up the slope. */
    view: CardView;
    name: string;
    hooks: 'T' | 'B';
}

const WIDE = 120;
const HIGH = 132;

/** A piece as it lies on the roof, its head up the slope: which end the tape hooks, and along which two lines it lies. A sketch, not to scale. */
export function PieceOnRoof({ view, name, hooks }: PieceOnRoofProps) {
    const { t } = useTranslation();
    const x = (u: number) => 26 + (u / view.width) * (WIDE - 52);
    const y = (v: number) => HIGH - 16 - (v / view.length) * (HIGH - 32);
    const points = view.outline.map(([u, v]) => `${x(u)},${y(v)}`).join(' ');
    const end = (left: boolean) => {
        const own = view.outline.filter(([u]) => Math.abs(u - (left ? 0 : view.width)) < 0.5).map(([, v]) => v);
        return own.length === 0 ? [0, view.length] : [Math.min(...own), Math.max(...own)];
    };
    return (
        <svg
            viewBox={`0 0 ${WIDE} ${HIGH}`}
            width={WIDE}
            height={HIGH}
            role="img"
            aria-label={t('fit.on-roof', { piece: name, from: hooks })}
            style={{ flex: '0 0 auto' }}
        >
            <polygon points={points} fill="var(--metal)" stroke="var(--ink)" strokeWidth="1.5" />
            {[true, false].map((left) => {
                const [low, high] = end(left);
                const at = left ? x(0) - 9 : x(view.width) + 9;
                const [from, to] = hooks === 'B' ? [low, high] : [high, low];
                return (
                    <g key={String(left)} stroke="var(--chalk)" strokeWidth="2" fill="none">
                        <line x1={at} x2={at} y1={y(from)} y2={y(to)} />
                        <line x1={at - 5} x2={at + 5} y1={y(from)} y2={y(from)} strokeWidth="4" />
                    </g>
                );
            })}
            {(['T', 'B'] as const).map((letter) => (
                <text
                    key={letter}
                    x={WIDE / 2}
                    y={letter === 'T' ? 11 : HIGH - 2}
                    textAnchor="middle"
                    fontSize="13"
                    fontWeight={hooks === letter ? 800 : 500}
                    fill={hooks === letter ? 'var(--chalk)' : 'var(--muted)'}
                >
                    {letter}
                </text>
            ))}
        </svg>
    );
}
