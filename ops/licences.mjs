// docs/licences.md from what Maven's licence plugin lists and from the lock file of npm.
import { readFileSync } from 'node:fs'

const [shipped, all, lock] = process.argv.slice(2)

/** Lines such as "(Apache-2.0) (MIT) Name (group:artifact:version - address)". */
function maven(file) {
  const found = new Map()
  for (const line of readFileSync(file, 'utf8').split('\n')) {
    const match = /^\s*((?:\([^()]*(?:\([^()]*\)[^()]*)*\)\s+)+).*\(([\w.-]+:[\w.-]+):([\w.-]+) - .*\)\s*$/.exec(line)
    if (match) {
      const licences = match[1].trim().slice(1, -1).split(') (').join(' or ')
      found.set(`${match[2]} ${match[3]}`, licences)
    }
  }
  return found
}

function npm() {
  const found = { shipped: new Map(), tests: new Map() }
  for (const [path, one] of Object.entries(JSON.parse(readFileSync(lock, 'utf8')).packages)) {
    if (!path || one.link) continue
    const name = path.replace(/^.*node_modules\//, '')
    const of = one.dev || one.devOptional ? found.tests : found.shipped
    of.set(`${name} ${one.version}`, one.license ?? 'not said')
  }
  return found
}

const table = (title, rows) => {
  console.log(`\n## ${title}\n\n| library | licence |\n| --- | --- |`)
  for (const [name, licence] of [...rows].sort(([a], [b]) => (a < b ? -1 : 1))) console.log(`| ${name} | ${licence} |`)
}

const java = maven(shipped)
const tests = new Map([...maven(all)].filter(([name]) => !java.has(name)))
const page = npm()
console.log(`# Licences

Every library that Deft Chill is built of, by its version, as the registries tell it. Written by \`ops/licences\`; \`DependenciesTest\` fails
when it is not of today. Where two are named, either may be chosen. The fonts' licences lie beside them.`)
table('In the application', java)
table('In the pages', page.shipped)
table('For building and testing alone: Java', tests)
table('For building and testing alone: pages', page.tests)
