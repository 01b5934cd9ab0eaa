import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
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
            <table className="plain" data-testid="totals">
                <tbody>
                    <tr>
                        <th scope="row">{t('order.sheets')}</th>
                        <td className="n">
                            <b>{order.pieces}</b>
                        </td>
                    </tr>
                    <tr>
                        <th scope="row">{t('order.metal')}</th>
                        <td className="n">
                            <b>{measure('area', order.squareFeet, 1)}</b>
                        </td>
                    </tr>
                    <tr>
                        <th scope="row">{t('order.waste')}</th>
                        <td className="n">{measure('area', order.wasteSquareFeet, 1)}</td>
                    </tr>
                    {system.concealed && (
                        <tr>
                            <th scope="row">{t('load.coil-width')}</th>
                            <td className="n">
                                <Len inches={order.coilWidth} inchesOnly />
                            </td>
                        </tr>
                    )}
                    {system.concealed && (
                        <tr>
                            <th scope="row">{t('load.coil-length')}</th>
                            <td className="n">{measure('run', Math.ceil(order.coilFeet - 1e-6))}</td>
                        </tr>
                    )}
                    <tr>
                        <th scope="row">{t('order.weight')}</th>
                        <td className="n">{measure('weight', order.pounds)}</td>
                    </tr>
                    {order.endPlugs !== undefined && (
                        <tr>
                            <th scope="row">{t('order.end-plugs')}</th>
                            <td className="n">
                                <b>{order.endPlugs}</b>
                            </td>
                        </tr>
                    )}
                </tbody>
            </table>
            {slice.supplies.length > 0 && (
                <table className="plain" aria-label={t('order.supplies')} style={{ marginTop: 8 }}>
                    <tbody>
                        {slice.supplies.map((one) => (
                            <tr key={one.name}>
                                <th scope="row">{one.name}</th>
                                <td className="n">
                                    <Said text={one.said} />
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
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
