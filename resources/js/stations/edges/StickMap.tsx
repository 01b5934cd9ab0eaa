import { figure } from '../../words/figures';
import { beside, listed } from '../../words/lists';
import { useTranslation } from 'react-i18next';
import type { StickLot } from '../../contracts/edges';
import { useJobTape } from '../../tape/JobTape';
import { Len, LenText } from '../../tape/Len';

interface StickMapProps {
    lots: StickLot[];
    picked: string | null;
    onPick: (lot: StickLot) => void;
}

const WIDE = 560;
const HIGH = 24;

/** Every kind of trim with the sticks it is cut from, drawn to one scale. */
export function StickMap({ lots, picked, onPick }: StickMapProps) {
    const { t } = useTranslation();
    const longest = Math.max(1, ...lots.flatMap((lot) => lot.rows.map((row) => row.stock)));
    return (
        <div className="wide" style={{ overflowY: 'auto', marginTop: 10 }}>
            {[...lots]
                .sort((a, b) => Number(b.kind === picked) - Number(a.kind === picked))
                .map((lot) => (
                    <section
                        key={lot.kind}
                        className={lot.kind === picked ? 'card chosen' : 'card'}
                        data-lot={lot.kind}
                        aria-label={lot.name}
                        aria-current={lot.kind === picked || undefined}
                        style={{ maxWidth: 720 }}
                    >
                        <div className="row">
                            {/* Zees are one pan's: no run of an edge. */}
                            {lot.shape !== 'zee' ? (
                                <button
                                    type="button"
                                    className="linkish"
                                    style={{ color: 'inherit', fontWeight: 680 }}
                                    onClick={() => onPick(lot)}
                                >
                                    {lot.name}
                                </button>
                            ) : (
                                <span>{lot.name}</span>
                            )}
                            <span>{t('sticks.of', { used: lot.used })}</span>
                        </div>
                        <p className="small">
                            <Len inches={lot.girth} /> {t('sticks.flat-of')}
                            {lot.bends.length > 0 &&
                                beside(t, [
                                    ' ',
                                    t('sticks.bends', {
                                        bends: listed(
                                            t,
                                            lot.bends.map((bend) => `${figure(bend, 1, false)}°`),
                                        ),
                                    }),
                                ])}
                            {' · '}
                            {t('sticks.proven', { proven: lot.proven ? 'yes' : 'no', bound: lot.bound })}
                        </p>
                        <ul style={{ listStyle: 'none', margin: '6px 0 0', padding: 0 }}>
                            {lot.rows.map((row, i) => (
                                <li key={i} style={{ display: 'flex', alignItems: 'center', gap: 10 }}>
                                    <b style={{ minWidth: 40, textAlign: 'right' }}>
                                        {t('sticks.times', { count: row.count })}
                                    </b>
                                    <Bar row={row} scale={WIDE / longest} />
                                </li>
                            ))}
                        </ul>
                    </section>
                ))}
        </div>
    );
}

function Bar({ row, scale }: { row: StickLot['rows'][number]; scale: number }) {
    const { t } = useTranslation();
    const print = useJobTape();
    const said = listed(t, [
        ...row.cuts.map((cut) => print(cut.length)),
        ...(row.offcut > 0 ? [t('sticks.offcut', { length: print(row.offcut) })] : []),
    ]);
    return (
        <svg
            viewBox={`0 0 ${WIDE + 2} ${HIGH + 8}`}
            style={{ width: '100%', maxWidth: WIDE + 2 }}
            role="img"
            aria-label={said}
        >
            <rect
                x="1"
                y="4"
                width={row.stock * scale}
                height={HIGH}
                fill="none"
                stroke="var(--muted)"
                strokeDasharray="4 3"
            />
            {row.cuts.map((cut) => (
                <g key={cut.id}>
                    <rect
                        x={1 + cut.at * scale}
                        y="4"
                        width={cut.length * scale}
                        height={HIGH}
                        fill="var(--metal)"
                        stroke="var(--ink)"
                    />
                    {cut.length * scale > 46 && (
                        <text
                            x={1 + (cut.at + cut.length / 2) * scale}
                            y="22"
                            fontSize="14"
                            fontWeight="600"
                            textAnchor="middle"
                        >
                            <LenText inches={cut.length} />
                        </text>
                    )}
                </g>
            ))}
            {row.offcut * scale > 90 && (
                <text x={1 + (row.stock - row.offcut / 2) * scale} y="22" fontSize="13" textAnchor="middle">
                    <LenText inches={row.offcut} /> {t('sticks.left')}
                </text>
            )}
        </svg>
    );
}
