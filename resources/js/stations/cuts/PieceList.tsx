import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import type { CutsSlice } from '../../api/contract';
import { Len } from '../../tape/Len';

/** Every piece by face, in the order they lie. */
export function PieceList({ slice, picked, onPick }: { slice: CutsSlice; picked: string; onPick: (id: string) => void }) {
    const { t } = useTranslation();
    const row = useRef<HTMLTableRowElement>(null);
    useEffect(() => {
        // Braces: newer browsers answer with a promise, which is no clean-up.
        row.current?.scrollIntoView({ block: 'nearest' });
    }, [picked]);
    return (
        <div className="pieces" tabIndex={0} role="group" aria-label={t('cuts.pieces')}>
            {slice.faces.map((face) => (
                <section key={face.id}>
                    <h3 style={{ marginTop: 0 }}>{face.name}</h3>
                    <table className="plain">
                        <thead><tr><th>{t('cuts.piece')}</th><th className="n">{t('cuts.blank')}</th><th className="n">{t('cuts.ordered')}</th><th className="n">{t('cuts.cut')}</th></tr></thead>
                        <tbody>
                            {slice.panels.filter((panel) => panel.face === face.id).map((panel) => (
                                <tr key={panel.id} ref={panel.id === picked ? row : undefined} className="pick" aria-selected={panel.id === picked} onClick={() => onPick(panel.id)}>
                                    <td><button type="button" className="linkish" style={{ color: 'inherit' }} onClick={() => onPick(panel.id)}>{panel.id}</button></td>
                                    <td className="n"><Len inches={panel.long} inchesOnly /></td>
                                    <td className="n"><Len inches={panel.orderLength} inchesOnly round="up" /></td>
                                    <td className="n">{panel.rip === null ? t(panel.long - panel.short > 1 / 32 ? 'cuts.angled' : 'cuts.square') : <>{t('cuts.rip')} <Len inches={panel.rip} inchesOnly /></>}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </section>
            ))}
        </div>
    );
}
