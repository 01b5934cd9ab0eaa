import { beside } from '../../words/lists';
import { useTranslation } from 'react-i18next';
import { useMeasures, usePitch } from '../../tape/measures';
import type { RoofSlice } from '../../contracts/roof';
import type { Pick } from '../../job/PickContext';
import { Len } from '../../tape/Len';

interface RoofTableProps {
    slice: RoofSlice;
    pick: Pick | null;
    onPick: (pick: Pick) => void;
}

/** The same roof in words and numbers: every face, every edge. */
export function RoofTable({ slice, pick, onPick }: RoofTableProps) {
    const { t } = useTranslation();
    const pitch = usePitch();
    const measure = useMeasures();
    const name = (id: string) => slice.faces.find((face) => face.id === id)?.name ?? id;
    const degrees = (value: number) => t('degrees', { degrees: Math.round(value * 100) / 100 });
    return (
        <div className="wide" style={{ overflowY: 'auto', marginTop: 10 }}>
            <table className="plain" aria-label={t('roof.faces')}>
                <thead>
                    <tr>
                        <th>{t('roof.face')}</th>
                        <th className="n">{t('roof.pitch')}</th>
                        <th className="n">{t('roof.area')}</th>
                        <th className="n">{t('roof.longest-run')}</th>
                        <th className="n">{t('roof.holes')}</th>
                    </tr>
                </thead>
                <tbody>
                    {slice.faces.map((face) => (
                        <tr
                            key={face.id}
                            className="pick"
                            aria-selected={pick?.kind === 'face' && pick.id === face.id}
                            onClick={() => onPick({ kind: 'face', id: face.id })}
                        >
                            <th scope="row">
                                <button type="button" className="linkish" style={{ color: 'inherit' }}>
                                    {face.name}
                                </button>
                            </th>
                            <td className="n">{pitch(face.riseIn12)}</td>
                            <td className="n">
                                {t('roof.square-feet', { area: measure('area', face.areaSquareFeet, 1) })}
                            </td>
                            <td className="n">
                                <Len inches={face.longestRun} />
                            </td>
                            <td className="n">{face.holes.length === 0 ? '—' : face.holes.length}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <table className="plain" aria-label={t('roof.edges')} style={{ marginTop: 18 }}>
                <thead>
                    <tr>
                        <th>{t('roof.edge')}</th>
                        <th>{t('roof.between')}</th>
                        <th className="n">{t('roof.true-length')}</th>
                        <th className="n">{t('roof.to-rib')}</th>
                        <th className="n">{t('roof.bend')}</th>
                    </tr>
                </thead>
                <tbody>
                    {slice.edges.map((edge) => (
                        <tr
                            key={edge.id}
                            className="pick"
                            data-edge-row={edge.id}
                            aria-selected={pick?.kind === 'edge' && pick.id === edge.id}
                            onClick={() => onPick({ kind: 'edge', id: edge.id })}
                        >
                            <th scope="row">
                                <button type="button" className="linkish" style={{ color: 'inherit' }}>
                                    {t(`edge.${edge.kind}`)}
                                </button>
                            </th>
                            <td>{beside(t, edge.faces.map(name))}</td>
                            <td className="n">
                                <b>
                                    <Len inches={edge.length} />
                                </b>
                            </td>
                            <td className="n">
                                {beside(
                                    t,
                                    edge.faces.map((id) => degrees(edge.angleToRibDegrees[id])),
                                )}
                            </td>
                            <td className="n">{edge.dihedralDegrees === null ? '—' : degrees(edge.dihedralDegrees)}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
