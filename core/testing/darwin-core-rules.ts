/**
 * The rules of the Darwin Core text guidelines (TDWG) that an archive is held to, written from the standard: what its
 * descriptor says of the files is so. Answers what is wrong; nothing where the archive is sound.
 */
export function darwinCoreFaults(files: Readonly<Record<string, string>>): string[] {
  const faults: string[] = [];
  const meta = files['meta.xml'];
  if (!meta) return ['There is no meta.xml.'];
  if (!meta.startsWith('<?xml version="1.0" encoding="UTF-8"?>')) faults.push('meta.xml has no XML declaration.');
  if (!/<archive [^>]*xmlns="http:\/\/rs\.tdwg\.org\/dwc\/text\/"/.test(meta)) faults.push('meta.xml is in another namespace.');
  const opened = [...meta.matchAll(/<([a-z]+)(?:\s[^>]*[^/>])?>/g)].map(([, name]) => name).sort();
  const closed = [...meta.matchAll(/<\/([a-z]+)>/g)].map(([, name]) => name).sort();
  if (opened.join() !== closed.join()) faults.push('meta.xml is not well formed.');
  const parts = [...meta.matchAll(/<(core|extension) ([^>]*)>([\s\S]*?)<\/\1>/g)];
  if (parts.filter(([, kind]) => kind === 'core').length !== 1) faults.push('An archive has exactly one core.');
  let coreIds = new Set<string>();
  for (const [, kind, head, body] of parts) {
    const attribute = (name: string) => new RegExp(`${name}="([^"]*)"`).exec(head!)?.[1];
    const file = /<location>([^<]+)<\/location>/.exec(body!)?.[1] ?? '';
    const text = files[file];
    if (text === undefined) {
      faults.push(`${file} is not in the archive.`);
      continue;
    }
    if (attribute('encoding') !== 'UTF-8') faults.push(`${file}: the encoding is not said to be UTF-8.`);
    if (!attribute('rowType')?.startsWith('http://rs.tdwg.org/dwc/terms/'))
      faults.push(`${file}: the row type is no class of the standard.`);
    if (attribute('fieldsTerminatedBy') !== '\\t' || attribute('linesTerminatedBy') !== '\\n')
      faults.push(`${file}: other separators than it has.`);
    const [heading, ...lines] = text.split('\n').filter((line) => line !== '');
    const columns = heading!.split('\t');
    const fields = [...body!.matchAll(/<field index="(\d+)" term="([^"]+)"/g)].map(([, index, term]) => ({
      index: Number(index),
      term: term!,
    }));
    if (new Set(fields.map((row) => row.term)).size !== fields.length) faults.push(`${file}: a term is mapped twice.`);
    for (const { index, term } of fields) {
      if (index >= columns.length) faults.push(`${file}: column ${index} is not there.`);
      else if (!term.endsWith(`/${columns[index]}`)) faults.push(`${file}: column ${columns[index]} is said to be ${term}.`);
      if (!/^http:\/\/(rs\.tdwg\.org\/dwc\/terms|purl\.org\/dc\/terms)\/[a-zA-Z]+$/.test(term))
        faults.push(`${file}: ${term} is no term.`);
    }
    const idAt = Number(/<(?:core)?id index="(\d+)"\/>/.exec(body!)?.[1] ?? NaN);
    if (Number.isNaN(idAt)) faults.push(`${file}: it has no ${kind === 'core' ? 'id' : 'coreid'}.`);
    const rows = lines.map((line) => line.split('\t'));
    rows.forEach((row, i) => {
      if (row.length !== columns.length) faults.push(`${file}, row ${i + 1}: ${row.length} fields of ${columns.length}.`);
    });
    const ids = rows.map((row) => row[idAt] ?? '');
    if (kind === 'core') {
      coreIds = new Set(ids);
      if (coreIds.size !== ids.length) faults.push(`${file}: an id is there twice.`);
      if (coreIds.has('')) faults.push(`${file}: a row has no id.`);
      const at = (name: string) => columns.indexOf(name);
      rows.forEach((row, i) => {
        const value = (name: string) => row[at(name)] ?? '';
        const wrong = (what: string) => faults.push(`${file}, row ${i + 1}: ${what}`);
        for (const name of ['occurrenceID', 'basisOfRecord', 'occurrenceStatus', 'scientificName', 'eventDate'])
          if (!value(name)) wrong(`${name} is empty.`);
        if (!['HumanObservation', 'MachineObservation', 'Occurrence'].includes(value('basisOfRecord')))
          wrong('unknown basisOfRecord.');
        if (!['present', 'absent'].includes(value('occurrenceStatus'))) wrong('unknown occurrenceStatus.');
        if (!/^\d{4}-\d\d-\d\d$/.test(value('eventDate'))) wrong('eventDate is no ISO date.');
        if (value('individualCount') && !/^\d+$/.test(value('individualCount'))) wrong('individualCount is no whole number.');
        if (value('occurrenceStatus') === 'absent' && value('individualCount') !== '0') wrong('an absence that counts somebody.');
        const [lat, lon] = [value('decimalLatitude'), value('decimalLongitude')];
        if ((lat === '') !== (lon === '')) wrong('half a place.');
        if (lat && (Math.abs(Number(lat)) > 90 || Math.abs(Number(lon)) > 180)) wrong('a place off the earth.');
        if (lat && (!value('geodeticDatum') || !(Number(value('coordinateUncertaintyInMeters')) > 0)))
          wrong('a place without datum or uncertainty.');
      });
    } else for (const id of ids) if (!coreIds.has(id)) faults.push(`${file}: ${id} is in no row of the core.`);
  }
  return faults;
}
