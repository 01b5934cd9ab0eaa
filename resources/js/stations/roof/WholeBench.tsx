import { useTranslation } from 'react-i18next';
import type { PlanEdge, RoofSlice } from '../../contracts/roof';
import { Findings } from '../../bench/Findings';
import { useJob } from '../../job/JobContext';
import type { Pick } from '../../job/PickContext';
import { blocksOf } from '../../job/roofEdits';
import { Len } from '../../tape/Len';

/** The whole roof: its blocks, its faces, and how much of each kind of edge there is. */
export function WholeBench({ slice, onPick }: { slice: RoofSlice | undefined; onPick: (pick: Pick) => void }) {
    const { t } = useTranslation();
    const job = useJob();
    const blocks = blocksOf(job.document);
    const area = (slice?.faces ?? []).reduce((sum, face) => sum + face.areaSquareFeet, 0);
    const kinds = [...new Set((slice?.edges ?? []).map((edge) => edge.kind))];
    const of = (kind: PlanEdge['kind']) => (slice?.edges ?? []).filter((edge) => edge.kind === kind);
    return (
        <>
            <h2>{t('roof.title')}</h2>
            <p className="muted">
                {t('roof.summary', {
                    faces: slice?.faces.length ?? 0,
                    edges: slice?.edges.length ?? 0,
                    area: Math.round(area),
                })}
            </p>
            {slice && <Findings findings={slice.findings} />}
            {blocks.length > 0 && (
                <section>
                    <h3>{t('roof.blocks')}</h3>
                    {blocks.map((one) => (
                        <button
                            key={one.id}
                            type="button"
                            className="card"
                            onClick={() => onPick({ kind: 'block', id: one.id })}
                        >
                            <span className="row">
                                <span>{one.name}</span>
                                <span>
                                    <Len inches={one.length} /> × <Len inches={one.width} />
                                </span>
                            </span>
                        </button>
                    ))}
                </section>
            )}
            {slice && slice.faces.length > 0 && (
                <section>
                    <h3>{t('roof.faces')}</h3>
                    <table className="plain">
                        <tbody>
                            {slice.faces.map((face) => (
                                <tr key={face.id}>
                                    <td>
                                        <button
                                            type="button"
                                            className="linkish"
                                            onClick={() => onPick({ kind: 'face', id: face.id })}
                                        >
                                            {face.name}
                                        </button>
                                    </td>
                                    <td className="n">{t('pitch', { rise: Math.round(face.riseIn12 * 100) / 100 })}</td>
                                    <td className="n">
                                        {t('roof.square-feet', { area: Math.round(face.areaSquareFeet * 10) / 10 })}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </section>
            )}
            {kinds.length > 0 && (
                <section>
                    <h3>{t('roof.edge-totals')}</h3>
                    <table className="plain">
                        <tbody>
                            {kinds.map((kind) => (
                                <tr key={kind}>
                                    <td>{t(`edge.${kind}`)}</td>
                                    <td className="n muted">{t('roof.times', { count: of(kind).length })}</td>
                                    <td className="n">
                                        <Len inches={of(kind).reduce((sum, edge) => sum + edge.length, 0)} />
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </section>
            )}
        </>
    );
}
