// Reads the reports of Vitest (which writes them as Jest does) and of Playwright.

/**
 * @returns {{ passed: number, failures: string[], again: string[], slowest: { title: string, seconds: number }[] }}
 *   `again` passed at a second try only; `slowest` has files or journeys that took longest
 */
export function readReport(report) {
  return report.testResults ? readVitest(report.testResults) : readPlaywright(report);
}

/** How many of the slowest are told. */
const TOLD = 8;

function readVitest(files) {
  const tests = files.flatMap((file) => file.assertionResults);
  // What failed before its first test, and had its tests passed over.
  const broken = files.filter(
    (file) => file.status === 'failed' && file.assertionResults.every(({ status }) => status !== 'failed'),
  );
  return {
    passed: tests.filter((test) => test.status === 'passed').length,
    failures: [
      ...tests.filter((test) => test.status === 'failed').map((test) => `${test.fullName}\n${test.failureMessages.join('\n')}`),
      ...broken.map((file) => `${file.name}\n${file.message}`),
    ],
    again: [],
    slowest: slowest(tests.map(({ fullName, duration }) => ({ title: fullName, seconds: (duration ?? 0) / 1000 }))),
  };
}

function readPlaywright(report) {
  const specs = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specs)];
  const all = report.suites.flatMap(specs);
  const resultsOf = (spec) => spec.tests.flatMap(({ results }) => results);
  const texts = (spec) => resultsOf(spec).flatMap(({ errors }) => errors.map(({ message }) => message));
  const title = (spec) => `${spec.file}: ${spec.title}`;
  return {
    passed: all.filter((spec) => spec.ok).length,
    failures: [
      ...all.filter((spec) => !spec.ok).map((spec) => `${title(spec)}\n${texts(spec).join('\n')}`),
      ...report.errors.map((error) => error.message),
    ],
    again: all.filter((spec) => spec.ok && spec.tests.some(({ results }) => results.length > 1)).map(title),
    slowest: slowest(
      all.map((spec) => ({
        title: title(spec),
        seconds: resultsOf(spec).reduce((sum, { duration }) => sum + duration, 0) / 1000,
      })),
    ),
  };
}

function slowest(list) {
  return list.sort((a, b) => b.seconds - a.seconds).slice(0, TOLD);
}
