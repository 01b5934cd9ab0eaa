import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import type { CutsSlice } from '../../contracts/cutting';
import { Len, Said } from '../../tape/Len';
import { useCut } from './useCut';

/** Every piece by face, in the order they are laid, with what is cut already. */
export function PieceList({
    slice,
    picked,
    onPick,
}: {
    slice: CutsSlice;
    picked: string;
    onPick: (id: string) => void;
}) {
    const { t } = useTranslation();
    const { isCut, setCut, mayTell } = useCut();
    const row = useRef<HTMLTableRowElement>(null);
    const done = slice.panels.filter(isCut).length;
    useEffect(() => {
        // Braces: newer browsers answer with a promise, which is no clean-up.
        row.current?.scrollIntoView({ block: 'nearest' });
    }, [picked]);
    return (
        <div className="pieces" tabIndex={0} role="group" aria-label={t('cuts.pieces')}>
            <p className="muted" data-testid="progress">
                {t('cuts.progress', { done, all: slice.panels.length })}
            </p>
            <progress
                value={done}
                max={slice.panels.length}
                aria-label={t('cuts.progress', { done, all: slice.panels.length })}
            />
            {slice.saving && (
                <p className="small">
                    <Said text={t('pair.saving', slice.saving)} />
                </p>
            )}
            {slice.faces.map((face) => (
                <section key={face.id}>
                    <h2 style={{ marginTop: 8 }}>{face.name}</h2>
                    <table className="plain">
                        <thead>
                            <tr>
                                <th>{t('cuts.piece')}</th>
                                <th className="n">{t('cuts.long')}</th>
                                <th className="n">{t('cuts.short')}</th>
                                <th className="n">{t('cuts.cut')}</th>
                            </tr>
                        </thead>
                        <tbody>
                            {slice.panels
                                .filter((panel) => panel.face === face.id)
                                .map((panel) => (
                                    <tr
                                        key={panel.id}
                                        ref={panel.id === picked ? row : undefined}
                                        className="pick"
                                        aria-selected={panel.id === picked}
                                        onClick={() => onPick(panel.id)}
                                    >
                                        <th scope="row" className="nowrap">
                                            <input
                                                type="checkbox"
                                                checked={isCut(panel)}
                                                disabled={!mayTell}
                                                aria-label={t('cuts.is-cut', { piece: panel.name })}
                                                onClick={(event) => event.stopPropagation()}
                                                onChange={(event) => setCut(panel, event.target.checked)}
                                            />
                                            <button
                                                type="button"
                                                className="linkish"
                                                style={{ color: 'inherit' }}
                                                onClick={() => onPick(panel.id)}
                                            >
                                                {panel.name}
                                            </button>
                                        </th>
                                        <td className="n">
                                            <Len inches={panel.long} inchesOnly />
                                        </td>
                                        <td className="n">
                                            {panel.short !== null && <Len inches={panel.short} inchesOnly />}
                                        </td>
                                        <td className="n small">
                                            {t(`cuts.kind.${panel.kind}`)}
                                            {panel.rip !== null && (
                                                <>
                                                    {' '}
                                                    <Len inches={panel.rip} inchesOnly />
                                                </>
                                            )}
                                            {panel.pairedWith && (
                                                <span title={t('pair.with', { other: panel.pairedName })}>
                                                    , {t('pair.short')}
                                                </span>
                                            )}
                                        </td>
                                    </tr>
                                ))}
                        </tbody>
                    </table>
                </section>
            ))}
        </div>
    );
}
