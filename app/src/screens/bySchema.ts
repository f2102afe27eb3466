// One chunk for everything that is written into a form or read by a schema, records and reports: it brings the form and schema
// libraries, which would else land in what every page loads first. No screen outside it asks for a schema.
import { config } from 'zod';
import { issueSays } from '../words/faultWords';

export { CorrectBike } from './bikes/CorrectBike';
export { CorrectCustomer } from './bikes/CorrectCustomer';
export { NoticeForm } from './stores/NoticeForm';
export { CheckIn } from './bench/CheckIn';
export { EditJob } from './bench/EditJob';
export { GaugeForm } from './stores/GaugeForm';
export { Tables } from './tables/Tables';
export { ImportSheets } from './stores/ImportSheets';
export { FiguresForm } from './stores/FiguresForm';
export { TroubleForm } from './stores/TroubleForm';
export { RulesForm } from './stores/RulesForm';
export { WrenchForm } from './stores/WrenchForm';
export { ContainerForm } from './stores/ContainerForm';
export { StockTake } from './stores/StockTake';
export { StockForm } from './stores/StockForm';
export { SheetForm } from './stores/SheetForm';

// Compiling schemas takes `new Function`, which the page's security policy forbids.
config({ jitless: true, localeError: issueSays });
export { PassportSheet } from './ledger/PassportSheet';
export { RecordSheet } from './ledger/RecordSheet';
export { BeginAnew } from './people/BeginAnew';
export { MannerScreen } from './people/MannerScreen';
export { OpenFromNothing } from './people/OpenFromNothing';
export { People } from './people/People';
export { PersonScreen } from './people/PersonScreen';
export { Trust } from './people/Trust';
export { Label } from './report/Label';
export { OpenReport } from './report/OpenReport';
export { ReportOf } from './report/ReportOf';
