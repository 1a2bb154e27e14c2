// Prints "passed failed" of one test report. Arguments: junit, vitest or playwright; the report's file.
import { readFileSync } from "node:fs";

const [kind, file] = process.argv.slice(2);
const text = readFileSync(file, "utf8");

const tallies = {
  junit() {
    const [, suite] = /<testsuite\b([^>]*)>/.exec(text);
    const number = (name) => Number(new RegExp(`\\b${name}="(\\d+)"`).exec(suite)?.[1] ?? 0);
    const failed = number("failures") + number("errors");
    return [number("tests") - failed - number("skipped"), failed];
  },
  vitest() {
    const report = JSON.parse(text);
    return [report.numPassedTests, report.numTotalTests - report.numPassedTests];
  },
  playwright() {
    const { stats, errors } = JSON.parse(text);
    return [stats.expected + stats.flaky, stats.unexpected + (stats.expected === 0 ? errors.length : 0)];
  },
};

const [passed, failed] = tallies[kind]();
if (passed + failed === 0) throw new Error(`${file}: no test was run`);
console.log(passed, failed);
