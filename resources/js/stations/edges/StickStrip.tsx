import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { TrimRun } from '../../contracts/edges';
import { Len, LenText } from '../../tape/Len';
import { useWidth } from '../../tape/useWidth';

interface StickStripProps {
    run: TrimRun;
    title: string;
}

const HIGH = 26;
const STEP = 10;

/** A run of trim as its pieces lie: one over, one under, the laps between them in running distances from the low or left end. */
export function StickStrip({ run, title }: StickStripProps) {
    const { t } = useTranslation();
    const [listed, setListed] = useState(false);
    const box = useRef<HTMLDivElement>(null);
    const wide = useWidth(box, 760, !listed);
    // A lap is short: each gets room to be read.
    const scale = Math.max((wide - 24) / run.length, (130 * run.pieces.length) / run.length);
    const x = (at: number) => 12 + at * scale;
    return (
        <section className="tape" aria-label={title}>
            <div className="tape-head">
                <b>{title}</b>
                <span className="muted small">{run.said}</span>
                <button
                    type="button"
                    className="linkish small"
                    aria-pressed={listed}
                    onClick={() => setListed(!listed)}
                >
                    {listed ? t('tape.as-tape') : t('tape.as-list')}
                </button>
            </div>
            {listed ? (
                <ol className="layers" style={{ maxHeight: 90, overflowY: 'auto' }}>
                    {run.pieces.map((piece) => (
                        <li key={piece.id}>
                            {piece.number} · <Len inches={piece.length} /> · {piece.said}
                        </li>
                    ))}
                </ol>
            ) : (
                <div className="tape-scroll" ref={box}>
                    <svg width={run.length * scale + 24} height={78} role="img" aria-label={title} data-run={run.id}>
                        {run.pieces.map((piece, i) => (
                            <g key={piece.id} data-piece={piece.id}>
                                <rect
                                    x={x(piece.at)}
                                    y={i % 2 === 0 ? 4 : 4 + STEP}
                                    width={piece.length * scale}
                                    height={HIGH}
                                    fill={i % 2 === 0 ? 'var(--card)' : 'var(--settleTint)'}
                                    fillOpacity="0.85"
                                    stroke="var(--ink)"
                                />
                                <text
                                    x={x(piece.at + piece.length / 2)}
                                    y={(i % 2 === 0 ? 4 : 4 + STEP) + 19}
                                    fontSize="15"
                                    fontWeight="680"
                                    textAnchor="middle"
                                >
                                    <LenText inches={piece.length} />
                                </text>
                            </g>
                        ))}
                        {run.pieces.slice(1).map((piece) => (
                            <g key={piece.id}>
                                {[piece.at, piece.lapTo].map((at) => (
                                    <line
                                        key={at}
                                        x1={x(at)}
                                        x2={x(at)}
                                        y1="0"
                                        y2="50"
                                        stroke="var(--chalk)"
                                        strokeWidth="2"
                                    />
                                ))}
                                <text x={x(piece.at + piece.lapLow / 2)} y="68" fontSize="13" textAnchor="middle">
                                    <LenText inches={piece.at} />
                                    {piece.lapLow > 0 && ' – '}
                                    {piece.lapLow > 0 && <LenText inches={piece.lapTo} />}
                                </text>
                            </g>
                        ))}
                    </svg>
                </div>
            )}
        </section>
    );
}
