import { useTranslation } from 'react-i18next';
import type { ReleasedOrder } from '../api/orders';
import { Said } from '../tape/Len';

interface OrderServesProps {
    order: ReleasedOrder;
    /** Only what is about this piece; null for all. */
    piece?: string | null;
}

/** Which of the sheets that were ordered no longer serve what is to be cut, and what to do. */
export function OrderServes({ order, piece = null }: OrderServesProps) {
    const { t } = useTranslation();
    const own = order.serves.filter((one) => piece === null || one.pieces.includes(piece));
    if (own.length === 0) {
        return piece === null && order.changed && order.serves.length === 0 ? (
            <div className="finding" data-severity="note">
                {t('load.all-serve', { order: order.number })}
            </div>
        ) : null;
    }
    return (
        <section aria-label={t('load.serves')} data-testid="serves">
            <h3>{t('load.serves')}</h3>
            {own.map((one, i) => (
                <div key={i} className="finding" data-severity={one.severity}>
                    <Said text={one.text} />
                </div>
            ))}
        </section>
    );
}
