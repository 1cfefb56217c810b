// Prints the report of the Khronos glTF validator for the file named on the command line.
const fs = require('fs');
require('./index.js')
  .validateBytes(new Uint8Array(fs.readFileSync(process.argv[2])), { maxIssues: 50 })
  .then((report) => console.log(JSON.stringify(report)))
  .catch((fault) => { console.error(fault); process.exit(1); });
