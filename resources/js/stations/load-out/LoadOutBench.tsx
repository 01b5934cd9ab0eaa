import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { Quantities, Quantity } from '../../kit/Quantities';
import { useMeasures } from '../../tape/measures';
import { useMaking } from '../../bench/Making';
import { Link } from '../../parts/router';
import type { LoadOutSlice } from '../../contracts/load-out';
import { Findings } from '../../bench/Findings';
import { tipPlaces } from '../../api/tips';
import { Tips } from '../../bench/Tips';
import { useJob } from '../../job/JobContext';
import { Len, Said } from '../../tape/Len';
import { ReleaseOrder } from './ReleaseOrder';

const FILES = [
    { file: 'cut-list.pdf', name: 'load.pdf' },
    { file: 'cut-list.csv', name: 'load.csv' },
    { file: 'order.json', name: 'load.json' },
];

/** Totals, files, and the release of the order. */
export function LoadOutBench({ slice }: { slice: LoadOutSlice }) {
    const { t } = useTranslation();
    const measure = useMeasures();
    const make = useMaking();
    const job = useJob();
    const { order, system } = slice;
    return (
        <aside className="bench leads" aria-label={t('bench')}>
            <h1>{t('load.question')}</h1>
            <p className="muted" style={{ marginBottom: 8 }}>
                {t('load.how')}
            </p>
            <Quantities name="totals">
                <Quantity name={t('order.sheets')} counts>
                    {order.pieces}
                </Quantity>
                <Quantity name={t('order.metal')} counts>
                    {measure('area', order.squareFeet, 1)}
                </Quantity>
                <Quantity name={t('order.waste')}>{measure('area', order.wasteSquareFeet, 1)}</Quantity>
                {system.concealed && (
                    <Quantity name={t('load.coil-width')}>
                        <Len inches={order.coilWidth} inchesOnly />
                    </Quantity>
                )}
                {system.concealed && (
                    <Quantity name={t('load.coil-length')}>{measure('run', Math.ceil(order.coilFeet - 1e-6))}</Quantity>
                )}
                <Quantity name={t('order.weight')}>{measure('weight', order.pounds)}</Quantity>
                {order.endPlugs !== undefined && (
                    <Quantity name={t('order.end-plugs')} counts>
                        {order.endPlugs}
                    </Quantity>
                )}
            </Quantities>
            {slice.supplies.length > 0 && (
                <Quantities label={t('order.supplies')} below={8}>
                    {slice.supplies.map((one) => (
                        <Quantity key={one.name} name={one.name}>
                            <Said text={one.said} />
                        </Quantity>
                    ))}
                </Quantities>
            )}
            {slice.trims && (
                <p className="finding" data-severity="note">
                    {slice.trims} <Link to={`/jobs/${job.id}/edges?view=sticks`}>{t('load.to-sticks')}</Link>
                </p>
            )}
            {slice.saving && (
                <p style={{ marginTop: 8 }}>
                    <Said text={t('pair.saving', slice.saving)} />
                </p>
            )}
            <div className="rowed" style={{ marginTop: 14 }}>
                {FILES.map(({ file, name }) => (
                    <Button key={file} variant="outlined" color="inherit" onClick={() => make(file)}>
                        {t(name)}
                    </Button>
                ))}
            </div>
            <ReleaseOrder slice={slice} />
            <Findings findings={slice.findings} />
            <Tips places={tipPlaces('load-out', [], system.profile)} />
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.load')}</p>
        </aside>
    );
}
