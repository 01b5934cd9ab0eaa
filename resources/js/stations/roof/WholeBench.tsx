import { useTranslation } from 'react-i18next';
import { useMeasures, usePitch } from '../../tape/measures';
import type { RoofSlice } from '../../contracts/roof';
import { Findings } from '../../bench/Findings';
import { useJob } from '../../job/JobContext';
import type { Pick } from '../../job/PickContext';
import { blocksOf } from '../../job/roofEdits';
import { Len } from '../../tape/Len';

/** The whole roof: its blocks, its faces, and how much of each kind of edge there is. */
export function WholeBench({ slice, onPick }: { slice: RoofSlice | undefined; onPick: (pick: Pick) => void }) {
    const { t } = useTranslation();
    const pitch = usePitch();
    const measure = useMeasures();
    const job = useJob();
    const blocks = blocksOf(job.document);
    return (
        <>
            <h1>{t('roof.title')}</h1>
            <p className="muted">
                {t('roof.summary', {
                    faces: slice?.faces.length ?? 0,
                    edges: slice?.edges.length ?? 0,
                    area: measure('area', slice?.areaSquareFeet ?? 0),
                })}
            </p>
            {slice && <Findings findings={slice.findings} />}
            {blocks.length > 0 && (
                <section>
                    <h2>{t('roof.blocks')}</h2>
                    {blocks.map((block) => (
                        <button
                            key={block.id}
                            type="button"
                            className="card"
                            onClick={() => onPick({ kind: 'block', id: block.id })}
                        >
                            <span className="row">
                                <span>{block.name}</span>
                                <span>
                                    <Len inches={block.length} /> × <Len inches={block.width} />
                                </span>
                            </span>
                        </button>
                    ))}
                </section>
            )}
            {slice && slice.faces.length > 0 && (
                <section>
                    <h2>{t('roof.faces')}</h2>
                    <table className="plain">
                        <tbody>
                            {slice.faces.map((face) => (
                                <tr key={face.id}>
                                    <th scope="row">
                                        <button
                                            type="button"
                                            className="linkish"
                                            onClick={() => onPick({ kind: 'face', id: face.id })}
                                        >
                                            {face.name}
                                        </button>
                                    </th>
                                    <td className="n">{pitch(face.riseIn12)}</td>
                                    <td className="n">
                                        {t('roof.square-feet', { area: measure('area', face.areaSquareFeet, 1) })}
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </section>
            )}
            {slice && slice.edgeTotals.length > 0 && (
                <section>
                    <h2>{t('roof.edge-totals')}</h2>
                    <table className="plain">
                        <tbody>
                            {slice.edgeTotals.map(({ kind, count, length }) => (
                                <tr key={kind}>
                                    <th scope="row">{t(`edge.${kind}`)}</th>
                                    <td className="n muted">{t('roof.times', { count })}</td>
                                    <td className="n">
                                        <Len inches={length} />
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
