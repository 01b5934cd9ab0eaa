import { useTranslation } from 'react-i18next';
import { useMeasures } from '../../tape/measures';
import type { LoadOutSlice } from '../../contracts/load-out';
import { useJob } from '../../job/JobContext';
import { useJobTape } from '../../tape/JobTape';
import { Len, Said } from '../../tape/Len';

/** The order's lines, each bundle drawn to length on one scale. */
export function Bundles({ slice }: { slice: LoadOutSlice }) {
    const { t } = useTranslation();
    const measure = useMeasures();
    const print = useJobTape();
    const { units, division } = useJob();
    const { order, system } = slice;
    const longest = order.lines[0].length;
    return (
        <>
            <div className="deck-head">
                <h2 className="deck-title">{t('load.title')}</h2>
                <span className="spacer" />
                <span className="muted">
                    <Said
                        text={t('load.system', {
                            profile: system.profile,
                            cover: print(system.cover, 'nearest', true),
                            material: t(`material.${system.material}`),
                            gauge: system.gauge,
                            colour: t('order.colour', { colour: t(`colour.${system.colour ?? 'none'}`) }),
                        })}
                    />
                </span>
            </div>
            <div className="wide" tabIndex={0} role="group" aria-label={t('load.title')}>
                <table className="plain" style={{ marginTop: 10 }}>
                    <thead>
                        <tr>
                            <th className="n">{t('order.quantity')}</th>
                            <th className="n">{t('order.length')}</th>
                            {division !== 'mm' && <th className="n">{t('order.inches')}</th>}
                            <th>{t('order.hand')}</th>
                            <th>{t('order.panels')}</th>
                            <th className="n">{t('order.squareFeet', { units })}</th>
                            <th className="n">{t('order.pounds', { units })}</th>
                            <th className="n">{t('load.each')}</th>
                        </tr>
                    </thead>
                    <tbody>
                        {order.lines.map((line, number) => (
                            <tr key={`${line.length} ${line.hand}`}>
                                <th scope="row" className="n" style={{ fontSize: 20, fontWeight: 700 }}>
                                    {line.quantity}
                                </th>
                                <td className="n" style={{ fontSize: 20, fontWeight: 700 }}>
                                    <Len inches={line.length} round="up" />
                                </td>
                                {division !== 'mm' && (
                                    <td className="n">
                                        <Len inches={line.length} round="up" inchesOnly />
                                    </td>
                                )}
                                <td>{t(`hand.${line.hand}`)}</td>
                                <td>
                                    {slice.ranges[number]}
                                    {line.ripped > 0 && (
                                        <div className="muted small">{t('order.ripped', { count: line.ripped })}</div>
                                    )}
                                </td>
                                <td className="n">{measure('area', line.squareFeet, 1).split(' ')[0]}</td>
                                <td className="n">{measure('weight', line.pounds).split(' ')[0]}</td>
                                <td className="n">
                                    {t('load.each-text', {
                                        weight: measure('weight', line.poundsEach, 1),
                                        hands: line.hands,
                                    })}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
            <div style={{ marginTop: 22 }} aria-hidden="true">
                {order.lines.map((line) => (
                    <div key={`${line.length} ${line.hand}`} style={{ marginBottom: 14 }}>
                        <div
                            className="rowed small muted"
                            style={{ justifyContent: 'space-between', width: `${(line.length / longest) * 100}%` }}
                        >
                            <span>{t('load.bundle', { count: line.quantity })}</span>
                            <Len inches={line.length} round="up" />
                        </div>
                        <svg
                            width={`${(line.length / longest) * 100}%`}
                            height={Math.min(96, 10 + line.quantity * 2.4)}
                            style={{ display: 'block', border: '1.4px solid var(--ink)' }}
                        >
                            <rect width="100%" height="100%" className="metal" />
                            {Array.from({ length: Math.min(line.quantity, 36) - 1 }, (_, i) => (
                                <line
                                    key={i}
                                    x1="0"
                                    x2="100%"
                                    y1={5 + (i + 1) * 2.4}
                                    y2={5 + (i + 1) * 2.4}
                                    className="seam-line"
                                    strokeWidth="0.8"
                                />
                            ))}
                        </svg>
                    </div>
                ))}
            </div>
        </>
    );
}
