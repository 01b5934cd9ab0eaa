import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { EdgeSection, SectionLayer } from '../../contracts/edges';
import { useJob } from '../../job/JobContext';
import { forgetLayer, orderLayers, spaceLayer } from './buildEdits';
import { OwnLayerForm } from './OwnLayerForm';
import { Said } from '../../tape/Len';
import { TapeEntry } from '../../tape/TapeEntry';

interface LayerListProps {
    section: EdgeSection;
    on: number;
    picked: string | null;
    onPick: (layer: string) => void;
}

/** The layers in the order they go on; the picked one can be moved, left out, swapped, fastened otherwise. */
export function LayerList({ section, on, picked, onPick }: LayerListProps) {
    const { t } = useTranslation();
    const { edit, mayChange } = useJob();
    const [making, setMaking] = useState<{ instead: string | null } | null>(null);
    const reorder = (order: string[]) => edit((d) => orderLayers(d, section.edge, section.buildName, order));
    const form = (instead: string | null) => (
        <OwnLayerForm
            section={section}
            instead={instead}
            onDone={(key) => {
                setMaking(null);
                if (key) onPick(key);
            }}
        />
    );
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
                        {layer.key === picked && (
                            <div className="adapt">
                                {layer.note && <p>{layer.note}</p>}
                                {layer.caution && <p className="caution">{layer.caution}</p>}
                                {mayChange && (
                                    <Adapt
                                        section={section}
                                        layer={layer}
                                        onOrder={reorder}
                                        onSwap={() => setMaking({ instead: layer.key })}
                                    />
                                )}
                                {making?.instead === layer.key && form(layer.key)}
                            </div>
                        )}
                    </li>
                ))}
            </ol>
            {mayChange &&
                section.left.map(({ key, name }) => (
                    <p key={key} className="muted">
                        <button type="button" className="linkish" onClick={() => reorder([...section.order, key])}>
                            {t('edges.put-back', { layer: name })}
                        </button>
                    </p>
                ))}
            {mayChange && making?.instead !== null && (
                <p style={{ marginBottom: 10 }}>
                    <button type="button" className="linkish" onClick={() => setMaking({ instead: null })}>
                        {t('edges.own.begin')}
                    </button>
                </p>
            )}
            {making?.instead === null && form(null)}
        </section>
    );
}

interface AdaptProps {
    section: EdgeSection;
    layer: SectionLayer;
    onOrder: (order: string[]) => void;
    onSwap: () => void;
}

function Adapt({ section, layer, onOrder, onSwap }: AdaptProps) {
    const { t } = useTranslation();
    const { edit, units, document: doc } = useJob();
    const { order } = section;
    // Of this edge alone, and gone when it is left out.
    const isOwn = doc.edges?.[section.edge]?.layers?.[layer.key] !== undefined;
    const at = order.indexOf(layer.key);
    const moved = (by: -1 | 1) => {
        const next = [...order];
        [next[at], next[at + by]] = [next[at + by], next[at]];
        return next;
    };
    return (
        <>
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
                    onClick={() => {
                        const rest = order.filter((key) => key !== layer.key);
                        if (isOwn) edit((d) => forgetLayer(d, section.edge, section.buildName, layer.key, rest));
                        else onOrder(rest);
                    }}
                >
                    ×
                </button>
                {layer.asOwn && (
                    <button type="button" className="chip" onClick={onSwap}>
                        {t('edges.swap')}
                    </button>
                )}
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
        </>
    );
}
