// Writes what of others ships with the page, fonts included, and the texts of its licences.
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs'

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8'))
const shipped = Object.entries(lock.packages)
  .filter(([path, p]) => path !== '' && !p.dev && !p.optional && existsSync(path))
  .map(([path]) => ({ path, ...JSON.parse(readFileSync(`${path}/package.json`, 'utf8')) }))
  .sort((a, b) => a.name.localeCompare(b.name))

const text = (path) => {
  const file = readdirSync(path).find((f) => /^licen[cs]e/i.test(f))
  return file ? readFileSync(`${path}/${file}`, 'utf8').trim() : ''
}

const notices = shipped.map((p) => ({
  name: p.name,
  version: p.version,
  licence: typeof p.license === 'string' ? p.license : 'see its package',
}))
writeFileSync('dist/notices-page.json', JSON.stringify(notices))
writeFileSync(
  'dist/notices.txt',
  shipped
    .map((p) => `${p.name} ${p.version} (${p.license})\n\n${text(p.path)}\n`)
    .join(`\n${'-'.repeat(78)}\n\n`),
)
