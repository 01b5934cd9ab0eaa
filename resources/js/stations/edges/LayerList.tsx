import { useTranslation } from 'react-i18next';
import type { EdgeSection, SectionLayer } from '../../contracts/edges';
import { useJob } from '../../job/JobContext';
import { orderLayers, spaceLayer } from '../../job/buildEdits';
import { Said } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';

interface LayerListProps {
    section: EdgeSection;
    on: number;
    picked: string | null;
    onPick: (layer: string) => void;
}

/** The layers in the order they go on; the picked one can be moved, left out, fastened otherwise. */
export function LayerList({ section, on, picked, onPick }: LayerListProps) {
    const { t } = useTranslation();
    const { edit, mayChange } = useJob();
    const reorder = (order: string[]) => edit((d) => orderLayers(d, section.edge, section.buildName, order));
    return (
        <section aria-label={t('edges.layers')} style={{ marginTop: 12 }}>
            <ol className="layers">
                {section.layers.map((layer) => (
                    <li key={layer.key} data-row={layer.key} data-lies={layer.number <= on}>
                        <button type="button" aria-pressed={layer.key === picked} onClick={() => onPick(layer.key)}>
                            <b className="number">{layer.number}</b>
                            <span>
                                <b>{layer.name}</b>
                                {layer.said.map((said) => (
                                    <span key={said} className="muted">
                                        {' · '}
                                        <Said text={said} />
                                    </span>
                                ))}
                            </span>
                        </button>
                        {mayChange && layer.key === picked && (
                            <Adapt section={section} layer={layer} onOrder={reorder} />
                        )}
                    </li>
                ))}
            </ol>
            {section.left.map(({ key, name }) => (
                <p key={key} className="muted">
                    {mayChange && (
                        <button type="button" className="linkish" onClick={() => reorder([...section.order, key])}>
                            {t('edges.put-back', { layer: name })}
                        </button>
                    )}
                </p>
            ))}
            {section.adapted && <p className="chalk-text">{t('edges.adapted')}</p>}
        </section>
    );
}

interface AdaptProps {
    section: EdgeSection;
    layer: SectionLayer;
    onOrder: (order: string[]) => void;
}

function Adapt({ section, layer, onOrder }: AdaptProps) {
    const { t } = useTranslation();
    const { edit, units } = useJob();
    const { order } = section;
    const at = order.indexOf(layer.key);
    const moved = (by: -1 | 1) => {
        const next = [...order];
        [next[at], next[at + by]] = [next[at + by], next[at]];
        return next;
    };
    return (
        <div className="adapt">
            <div className="rowed">
                <button
                    type="button"
                    className="chip"
                    disabled={at <= 0}
                    aria-label={t('edges.up', { layer: layer.name })}
                    onClick={() => onOrder(moved(-1))}
                >
                    ↑
                </button>
                <button
                    type="button"
                    className="chip"
                    disabled={at >= order.length - 1}
                    aria-label={t('edges.down', { layer: layer.name })}
                    onClick={() => onOrder(moved(1))}
                >
                    ↓
                </button>
                <button
                    type="button"
                    className="chip"
                    disabled={order.length < 2}
                    aria-label={t('edges.drop', { layer: layer.name })}
                    onClick={() => onOrder(order.filter((key) => key !== layer.key))}
                >
                    ×
                </button>
            </div>
            {layer.spacing !== null && layer.spacing > 0 && (
                <TapeEntry
                    key={layer.key}
                    label={t('edges.spacing')}
                    units={units}
                    action={t('edges.spacing-set')}
                    most={120}
                    onEnter={(spacing) =>
                        edit((d) => spaceLayer(d, section.edge, section.buildName, layer.key, spacing))
                    }
                />
            )}
        </div>
    );
}
