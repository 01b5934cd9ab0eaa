import { moment } from '../../words/figures';
import { listed } from '../../words/lists';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ApiError, call } from '../../api/client';
import { useOrders, type ReleasedOrder } from '../../api/orders';
import { useSession } from '../../api/queries';
import { OrderServes } from '../../bench/OrderServes';
import type { LoadOutSlice } from '../../contracts/load-out';
import { useJob } from '../../job/JobContext';
import { Said } from '../../tape/Len';

/** What was released, each order with its files for good, and the release of the next. */
export function ReleaseOrder({ slice }: { slice: LoadOutSlice }) {
    const { t } = useTranslation();
    const job = useJob();
    const client = useQueryClient();
    const mayRelease = (useSession().data?.user?.may.release ?? false) && !job.archived;
    const orders = useOrders(job.id, job.revision);
    const [asking, setAsking] = useState(false);
    const [fault, setFault] = useState<string | null>(null);
    const heading = useRef<HTMLHeadingElement>(null);
    const release = async () => {
        setFault(null);
        try {
            await job.session.flush();
            await call('POST', `jobs/${job.id}/orders`, {}, { 'If-Match': `"${job.revision}"` });
            await client.invalidateQueries({ queryKey: ['orders', job.id] });
        } catch (error) {
            setFault(error instanceof ApiError ? (error.message409 ?? t('form.failed')) : t('job.not-reached'));
        }
        setAsking(false);
    };
    const newest = orders.data?.[0];
    const { order } = slice;
    return (
        <section aria-labelledby="release-title">
            <h2 id="release-title" ref={heading} tabIndex={-1}>
                {t('load.release-title')}
            </h2>
            <ReleasedSoFar orders={orders.data} job={job.id} />
            {fault && (
                <div className="finding" data-severity="block" role="alert" style={{ marginTop: 8 }}>
                    {fault}
                </div>
            )}
            {mayRelease ? (
                <Button
                    variant="contained"
                    sx={{ mt: 1 }}
                    disabled={!slice.mayBeOrdered || job.state !== 'saved' || (newest !== undefined && !newest.changed)}
                    onClick={() => setAsking(true)}
                >
                    {t('load.release', { sheets: order.pieces })}
                </Button>
            ) : (
                <p className="muted">{t('load.who-releases')}</p>
            )}
            {!slice.mayBeOrdered && order.pieces > 0 && (
                <p className="stop" style={{ marginTop: 6 }}>
                    {t('order.blocked')}
                </p>
            )}
            <Asked
                slice={slice}
                open={asking}
                onClose={() => setAsking(false)}
                onClosed={() => heading.current?.focus()}
                onRelease={() => void release()}
            />
        </section>
    );
}

/** What is out, the newest first, and whether it still holds. */
function ReleasedSoFar({ orders, job }: { orders: ReleasedOrder[] | undefined; job: string }) {
    const { t } = useTranslation();
    const newest = orders?.[0];
    return (
        <>
            {newest === undefined && <p className="muted">{t('load.not-released')}</p>}
            {newest?.changed && (
                <div className="finding" data-severity="settle">
                    {t('load.changed-since', { order: newest.number })}
                </div>
            )}
            {newest && <OrderServes order={newest} />}
            {orders?.map((one) => (
                <Released key={one.id} order={one} job={job} />
            ))}
        </>
    );
}

interface AskedProps {
    slice: LoadOutSlice;
    open: boolean;
    onClose: () => void;
    /** It is gone, and what was behind it has the word. */
    onClosed: () => void;
    onRelease: () => void;
}

/** Once more before it is out: what is still to settle, ticked off line by line. */
function Asked({ slice, open, onClose, onClosed, onRelease }: AskedProps) {
    const { t } = useTranslation();
    const job = useJob();
    const [ticked, setTicked] = useState<string[]>([]);
    const { order } = slice;
    return (
        <Dialog
            open={open}
            onClose={onClose}
            aria-labelledby="release-ask"
            slotProps={{ transition: { onEnter: () => setTicked([]), onExited: onClosed } }}
            disableRestoreFocus
            fullWidth
        >
            <DialogTitle id="release-ask">
                {t('load.release-ask', { sheets: order.pieces, plan: job.revision })}
            </DialogTitle>
            <DialogContent>
                {slice.standing.length === 0 ? (
                    <p>{t('load.nothing-to-settle')}</p>
                ) : (
                    <Standing slice={slice} ticked={ticked} onTick={setTicked} />
                )}
                <p className="muted" style={{ marginTop: 10 }}>
                    {t('load.release-keeps')}
                </p>
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose} autoFocus>
                    {t('load.not-yet')}
                </Button>
                <Button
                    variant="contained"
                    disabled={slice.standing.some((one) => !ticked.includes(one.code))}
                    onClick={onRelease}
                >
                    {t('load.release-order')}
                </Button>
            </DialogActions>
        </Dialog>
    );
}

interface StandingProps {
    slice: LoadOutSlice;
    ticked: string[];
    onTick: (ticked: string[]) => void;
}

/** What stands against the order, a kind a line with where else it stands, each to be ticked off. */
function Standing({ slice, ticked, onTick }: StandingProps) {
    const { t } = useTranslation();
    return (
        <fieldset className="ticks">
            <legend>{t('load.tick-off')}</legend>
            {slice.standing.map((one) => (
                <label key={one.code} className="finding" data-severity={one.severity}>
                    <input
                        type="checkbox"
                        checked={ticked.includes(one.code)}
                        onChange={(event) =>
                            onTick(
                                event.target.checked
                                    ? [...ticked, one.code]
                                    : ticked.filter((other) => other !== one.code),
                            )
                        }
                    />
                    <span>
                        <Said text={one.message} />
                        {one.where.length > 0 && (
                            <span className="muted small"> {t('load.where', { where: listed(t, one.where) })}</span>
                        )}
                    </span>
                </label>
            ))}
        </fieldset>
    );
}

function Released({ order, job }: { order: ReleasedOrder; job: string }) {
    const { t } = useTranslation();
    const when = moment(order.releasedAt);
    return (
        <div className="card" data-order={order.number}>
            <div className="row">
                <span>{t('load.order', { order: order.number, sheets: order.order.pieces })}</span>
            </div>
            <p>{t('load.released', { revision: order.revision, by: order.releasedBy, when })}</p>
            <div className="rowed" style={{ marginTop: 6 }}>
                {order.files.map((file) => (
                    <a key={file} href={`/api/jobs/${job}/orders/${order.id}/files/${file}`} download>
                        {t(`send.${file}`)}
                    </a>
                ))}
            </div>
        </div>
    );
}
