import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { sendFile } from '../../api/client';
import type { Check } from '../../contracts/roof';
import type { Reading } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import { freshId } from '../../job/edits';
import { putReading } from './edits';
import { addCheck, planesOf } from '../../job/roofEdits';
import { Faults, FilePicker } from './bringing';

interface Table {
    readings: { plane: string; reading: Omit<Reading, 'id'> }[];
    checks: Omit<Check, 'id'>[];
    known: number;
    separator: 'comma' | 'semicolon' | 'tab';
    decimalComma: boolean;
}

export function FromTable({ onDone }: { onDone: () => void }) {
    const { t } = useTranslation();
    const job = useJob();
    const [file, setFile] = useState<File | null>(null);
    const query = useQuery({
        queryKey: ['csv', job.id, job.revision, file?.name, file?.lastModified],
        queryFn: () => sendFile<Table>(`jobs/${job.id}/imports/readings`, file as File, {}),
        enabled: file !== null,
        retry: false,
        gcTime: 0,
    });
    const table = query.data;
    const take = (found: Table) =>
        job.edit((d) => {
            let next = d;
            for (const { plane, reading } of found.readings)
                next = putReading(next, plane, {
                    ...reading,
                    id: freshId(
                        'r',
                        (planesOf(next).find((one) => one.id === plane)?.readings ?? []).map((reading) => reading.id),
                    ),
                });
            for (const check of found.checks) next = addCheck(next, check);
            return next;
        });
    return (
        <div className="stack">
            <p className="muted">{t('bring.table-hint')}</p>
            <FilePicker accept=".csv,.txt" onFile={setFile} />
            <Faults error={query.error} />
            {table && (
                <>
                    <p>
                        {t('bring.table-found', {
                            readings: table.readings.length + table.checks.length,
                            known: table.known,
                        })}
                    </p>
                    <p className="muted small">
                        {t('bring.table-read', {
                            separator: table.separator,
                            decimal: table.decimalComma ? 'comma' : 'point',
                        })}
                    </p>
                </>
            )}
            {table && table.readings.length + table.checks.length > 0 && (
                <Button
                    variant="contained"
                    onClick={() => {
                        take(table);
                        onDone();
                    }}
                >
                    {t('bring.take')}
                </Button>
            )}
        </div>
    );
}
