import { useTranslation } from 'react-i18next';
import { EdgeLine, type EdgeKind } from './EdgeLine';

/** The one legend of edge patterns, for the kinds that are drawn. */
export function Legend({ kinds }: { kinds: EdgeKind[] }) {
    const { t } = useTranslation();
    return (
        <div className="rowed small muted" style={{ gap: 16 }} aria-label={t('legend.title')} role="note">
            {[...new Set(kinds)].map((kind) => (
                <span key={kind} className="rowed" style={{ gap: 5 }}>
                    <svg width="36" height="16" aria-hidden="true" style={{ position: 'static' }}>
                        <EdgeLine
                            kind={kind}
                            from={kind === 'eave' ? [2, 6] : [34, 11]}
                            to={kind === 'eave' ? [34, 6] : [2, 11]}
                        />
                    </svg>
                    {t(`edge.${kind}`)}
                </span>
            ))}
        </div>
    );
}
