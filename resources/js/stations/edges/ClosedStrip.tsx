import { useRef } from 'react';
import { useTranslation } from 'react-i18next';
import type { ClosedEdge } from '../../contracts/edges';
import { Len, LenText } from '../../tape/Len';
import { useWidth } from '../../tape/useWidth';

/** Room for the length of one, pixels. */
const ROOM = 58;
/** Narrower there is none for where it begins. */
const NARROW = 44;

/** What closes the pans of an edge, as it stands between the seams; the list beside it says the same. */
export function ClosedStrip({ closed }: { closed: ClosedEdge }) {
    const { t } = useTranslation();
    const box = useRef<HTMLDivElement>(null);
    const wide = useWidth(box, 760, true);
    const usual = Math.max(...closed.pieces.map((one) => one.length));
    const scale = Math.max((wide - 24) / closed.length, ROOM / usual);
    const x = (at: number) => 12 + at * scale;
    return (
        <section className="tape" aria-label={closed.name}>
            <div className="tape-head">
                <b>{closed.name}</b>
                <span className="muted small">{t('sticks.closed-said', { count: closed.pieces.length })}</span>
            </div>
            <div className="tape-scroll" ref={box}>
                <svg
                    width={closed.length * scale + 24}
                    height={78}
                    role="img"
                    aria-label={closed.name}
                    data-closed={closed.key}
                >
                    <line x1={x(0)} x2={x(closed.length)} y1="36" y2="36" stroke="var(--ink)" />
                    {closed.pieces.map((one) => (
                        <g key={one.at}>
                            <rect
                                x={x(one.at)}
                                y="10"
                                width={one.length * scale}
                                height="26"
                                fill={one.cut ? 'var(--settleTint)' : 'var(--card)'}
                                stroke={one.cut ? 'var(--chalk)' : 'var(--ink)'}
                            />
                            <text
                                x={x(one.at + one.length / 2)}
                                y="28"
                                fontSize={one.length * scale < NARROW ? 10 : 13}
                                fontWeight="650"
                                textAnchor="middle"
                            >
                                <LenText inches={one.length} inchesOnly />
                            </text>
                            {one.length * scale >= NARROW && (
                                <text x={x(one.at)} y="54" fontSize="12" textAnchor="middle" className="muted">
                                    <LenText inches={one.at} />
                                </text>
                            )}
                        </g>
                    ))}
                </svg>
            </div>
            <ul className="visually-hidden">
                {closed.pieces.map((one) => (
                    <li key={one.at}>
                        <Len inches={one.at} /> – <Len inches={one.to} />: <Len inches={one.length} inchesOnly />
                    </li>
                ))}
            </ul>
        </section>
    );
}
