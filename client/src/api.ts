/** Generated from the description of the API by `npm run formats`; not written by hand. */
export interface paths {
    "/jobs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Jobs, newest first, paged by cursor; those whose name or place has some words in it */
        get: operations["getJobs"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Head of a job: name, place, time zone, units */
        get: operations["getJobsByJobId"];
        /** Start a job under an id made by the client, or change its head (with If-Match) */
        put: operations["putJobsByJobId"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/archived": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Put a job away, or bring it back; nothing of it is lost */
        put: operations["putJobsByJobIdArchived"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/survey": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The survey of a job, with its version as ETag */
        get: operations["getJobsByJobIdSurvey"];
        /** Replace the survey; If-Match names the version it was made from */
        put: operations["putJobsByJobIdSurvey"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/plan.geojson": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Outlines as GeoJSON (RFC 7946), in degrees; refused while nobody has said where the plan lies */
        get: operations["getJobsByJobIdPlanGeojson"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/plan.json": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Outlines in metres of the plan, with their frame */
        get: operations["getJobsByJobIdPlanJson"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/plan.dxf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The plan as DXF, in metres: a layer for each zone, its openings and its fittings */
        get: operations["getJobsByJobIdPlanDxf"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/areas.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Areas, lengths and counts of each zone as CSV, metric */
        get: operations["getJobsByJobIdAreasCsv"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/build-up": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The build-ups of a job, with its version as ETag */
        get: operations["getJobsByJobIdBuildUp"];
        /** Replace the build-ups; If-Match names the version it was made from */
        put: operations["putJobsByJobIdBuildUp"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/order": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The order of a job, with its version as ETag */
        get: operations["getJobsByJobIdOrder"];
        /** Replace the order; If-Match names the version it was made from */
        put: operations["putJobsByJobIdOrder"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/order.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The order as CSV, metric, a row a product: net, gross, containers, weight; prices for those who may see them */
        get: operations["getJobsByJobIdOrderCsv"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/courses.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Rolls of fabric and sheet in cutting order as CSV, metric: which piece is cut where, and what is left */
        get: operations["getJobsByJobIdCoursesCsv"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/pieces.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Pieces of the details as CSV, metric: on which roll, where on it, how large, how many */
        get: operations["getJobsByJobIdPiecesCsv"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/programme": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The programme of a job, with its version as ETag */
        get: operations["getJobsByJobIdProgramme"];
        /** Replace the programme; If-Match names the version it was made from */
        put: operations["putJobsByJobIdProgramme"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/proving": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What is to be proven of a job, with its version as ETag */
        get: operations["getJobsByJobIdProving"];
        /** Replace what is to be proven; If-Match names the version it was made from */
        put: operations["putJobsByJobIdProving"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/batches": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Which bays, jobs and dates hold a batch; blanks, dashes and capitals make no difference */
        get: operations["getBatches"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/days": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The days of a job planned anew: what is done when and by whom, how sure it is, and what is not planned */
        get: operations["getJobsByJobIdDays"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/programme": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The same for a job file at an instant; who accepts application/x-ndjson is told how far it is, line by line */
        post: operations["postComputeProgramme"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/programme.ics": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The plan that was kept as iCalendar, of all crews, of one or of the inspector, or for the client: roofs shut and dates to keep; empty while none was kept */
        get: operations["getJobsByJobIdProgrammeIcs"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/site": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The site of a job, with its version as ETag */
        get: operations["getJobsByJobIdSite"];
        /** Replace the site; If-Match names the version it was made from */
        put: operations["putJobsByJobIdSite"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/today": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every bay at an instant: its gates, what can be done, and the sentences that say so */
        get: operations["getJobsByJobIdToday"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/closings.ics": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What closes and what opens as iCalendar, from the record and the weather as they stand */
        get: operations["getJobsByJobIdClosingsIcs"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/morning": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A job in one line: what can be done, what closes, what waits for whom, the next delivery, the last entry, the weather */
        get: operations["getJobsByJobIdMorning"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/weather": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The weather of a job, with its version as ETag */
        get: operations["getJobsByJobIdWeather"];
        /** Replace the weather; If-Match names the version it was made from */
        put: operations["putJobsByJobIdWeather"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/weather/series": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Observations from an hour on (two weeks back if not said) and the newest forecast of each source */
        get: operations["getJobsByJobIdWeatherSeries"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/weather/fetch": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Ask the job’s weather service, or its sources whose time it is, for what is new */
        post: operations["postJobsByJobIdWeatherFetch"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/weather/reading": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What the instruments on site read now: air, humidity, wind, and the surface of a zone */
        get: operations["getJobsByJobIdWeatherReading"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/weather/readings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The same as a stream of server-sent events, one every 10 seconds */
        get: operations["getJobsByJobIdWeatherReadings"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/weather/series/{seriesId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Add a series of hours under an id made by the client; it is never changed afterwards */
        put: operations["putJobsByJobIdWeatherSeriesBySeriesId"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/weather/series/{seriesId}/withdraw": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A series that was added by mistake is no longer looked at */
        post: operations["postJobsByJobIdWeatherSeriesBySeriesIdWithdraw"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/firm/weather-hosts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Hosts that may be asked for weather and readings */
        get: operations["getFirmWeatherHosts"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/firm/weather-hosts/allow": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Allow a host to be asked, over HTTPS; one that lies at an address inside is never asked all the same */
        post: operations["postFirmWeatherHostsAllow"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/firm/weather-hosts/disallow": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A host is no longer asked; what it told stays */
        post: operations["postFirmWeatherHostsDisallow"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/firm/weather-sources": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The firm’s sources of weather and readings, without their keys */
        get: operations["getFirmWeatherSources"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/firm/weather-sources/{sourceId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Add a source under an id made by the client (If-Match "0"), or change it */
        put: operations["putFirmWeatherSourcesBySourceId"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/firm/weather-sources/{sourceId}/put-away": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A source is no longer asked and no longer offered; its key is forgotten, and what it told stays */
        post: operations["postFirmWeatherSourcesBySourceIdPutAway"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/firm/weather-sources/try": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Ask a source once as it stands, and give its answer back; nothing is kept */
        post: operations["postFirmWeatherSourcesTry"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/weather/sources": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Sources that this job may ask, which it asks, and how that went last */
        get: operations["getJobsByJobIdWeatherSources"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/record": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Entries in order, paged by sequence number */
        get: operations["getJobsByJobIdRecord"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/record/{entryId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Append an entry under an id made by the device; sending it twice stores it once */
        put: operations["putJobsByJobIdRecordByEntryId"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/record-check": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Walks the hash chain from the first entry to the last */
        get: operations["getJobsByJobIdRecordCheck"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/record.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The record as CSV: one row an entry, metric units, times in UTC */
        get: operations["getJobsByJobIdRecordCsv"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/receipts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What this server has signed of the record, oldest first */
        get: operations["getJobsByJobIdReceipts"];
        put?: never;
        /** Have the end of the record signed; where it has not grown, the last receipt is answered again */
        post: operations["postJobsByJobIdReceipts"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/receipts/compare": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Compare receipts that somebody holds with the record as it is now */
        post: operations["postJobsByJobIdReceiptsCompare"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/handover": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What the record says of one roof, as blocks to be printed, with the head of the chain */
        get: operations["getJobsByJobIdHandover"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/handover.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The same as PDF, the head of the chain on each page */
        get: operations["getJobsByJobIdHandoverPdf"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/handover/tasks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Has the handover of a roof made as PDF, or as a ZIP of open files, by a task that tells how far it is */
        post: operations["postJobsByJobIdHandoverTasks"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/standing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How a job stands whose roofs are handed over: asleep until its next date, or what is due on which roof */
        get: operations["getJobsByJobIdStanding"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/upkeep": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** When a roof is looked at, coated again and renewed, over twenty years, and what of it is on record */
        get: operations["getJobsByJobIdUpkeep"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/upkeep.ics": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The same as iCalendar, in whole months; what was done is left out */
        get: operations["getJobsByJobIdUpkeepIcs"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/upkeep/sheet": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The sheet of a year as blocks to be printed: what is due, the way over the roof, what to mind */
        get: operations["getJobsByJobIdUpkeepSheet"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/upkeep/sheet.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The same as PDF */
        get: operations["getJobsByJobIdUpkeepSheetPdf"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/handover.zip": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The handover of a roof as a ZIP of open files: PDF, JSON, CSV, GeoJSON, pictures, a manifest of SHA-256 hashes and a page that checks them */
        get: operations["getJobsByJobIdHandoverZip"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/live": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What others change, as it happens (server-sent events: part and version) */
        get: operations["getJobsByJobIdLive"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Everybody who makes entries, by name */
        get: operations["getPeople"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{personId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Name a person, under an id made by the device, or replace the name; entries keep the id */
        put: operations["putPeopleByPersonId"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{personId}/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** All that is kept of a person, as one file: for themselves, and for an owner */
        get: operations["getPeopleByPersonIdFile"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{personId}/forget": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Replace the name of somebody whose account is closed, for good; entries and their hashes stay as they are */
        post: operations["postPeopleByPersonIdForget"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/pictures/{sha256}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A picture of a job as it was taken, or made smaller: small for lists and paper, screen for a slow net */
        get: operations["getJobsByJobIdPicturesBySha256"];
        /** Store a PNG or JPEG under the SHA-256 of its content, at most 12 MB */
        put: operations["putJobsByJobIdPicturesBySha256"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/firm/practice": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The firm’s own numbers of practice, with their version as ETag; "0" where it has said nothing yet */
        get: operations["getFirmPractice"];
        /** Replace them; If-Match names the version that they were made from. Jobs that are there keep theirs */
        put: operations["putFirmPractice"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Whether people sign in here, and who has */
        get: operations["getSession"];
        put?: never;
        /** Sign in with a name and a password; the session is a cookie */
        post: operations["postSession"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/firm/accounts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** From now on people sign in: names the firm and makes its first owner. It is done once */
        post: operations["postFirmAccounts"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sign out on this device */
        post: operations["postSessionEnd"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/password": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Change one’s own password; one is signed out on every other device */
        put: operations["putSessionPassword"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/codes/look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Whose a code is */
        post: operations["postCodesLook"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/codes/use": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Come in with a code: sets the name to sign in and the password. A code is good once */
        post: operations["postCodesUse"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/accounts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Everybody who may come in or could once, and whoever stands in records without an account */
        get: operations["getAccounts"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/accounts/{accountId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Make an account under an id made by the client, or change its name and roles */
        put: operations["putAccountsByAccountId"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/accounts/{accountId}/code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A code to come in with, for the first time or with a new password; earlier codes are not good any more */
        post: operations["postAccountsByAccountIdCode"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/accounts/{accountId}/closed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Close an account: its sessions end at once and its entries stay; or open it again */
        post: operations["postAccountsByAccountIdClosed"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/accounts/{accountId}/sign-out": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** End every session of an account and withdraw the keys of its devices: a phone was lost */
        post: operations["postAccountsByAccountIdSignOut"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/security-log": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Who came in, who did not, and what was changed about who may do what, newest first */
        get: operations["getSecurityLog"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/firm/signatures": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Since when only entries are taken that a device has signed */
        get: operations["getFirmSignatures"];
        /** From now on take only entries that a device has signed, or others as well */
        put: operations["putFirmSignatures"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/firm/mail": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Whether codes can be sent by mail, and from which address */
        get: operations["getFirmMail"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/accounts/{accountId}/code/mail": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Send a code that was just made to the address of whoever it is for; the address is not kept */
        post: operations["postAccountsByAccountIdCodeMail"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/passkeys/options": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What a browser needs to sign in with a passkey (WebAuthn); good once, for five minutes */
        post: operations["postPasskeysOptions"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/passkeys/sign-in": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sign in with a passkey; the session is a cookie */
        post: operations["postPasskeysSignIn"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/passkeys": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One’s own passkeys */
        get: operations["getSessionPasskeys"];
        put?: never;
        /** Keep a passkey that the browser has made */
        post: operations["postSessionPasskeys"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/passkeys/options": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What a browser needs to make a passkey for oneself */
        post: operations["postSessionPasskeysOptions"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/passkeys/{passkeyId}/end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A passkey is not good any more */
        post: operations["postSessionPasskeysByPasskeyIdEnd"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/devices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Where one is signed in, last used first */
        get: operations["getSessionDevices"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/devices/{sessionId}/end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sign out on another device; its key is not good any more */
        post: operations["postSessionDevicesBySessionIdEnd"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/key": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** The key with which this device signs entries; from now on an entry that it does not sign is refused */
        put: operations["putSessionKey"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/device-code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A code with which one lets in a phone of one’s own, for all jobs or for one; good for a quarter of an hour */
        post: operations["postSessionDeviceCode"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/codes/use-device": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Let a device in with a code: it shows its key and is signed in. A code is good once */
        post: operations["postCodesUseDevice"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/accounts/{accountId}/devices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Where somebody is signed in, last used first */
        get: operations["getAccountsByAccountIdDevices"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/accounts/{accountId}/devices/{sessionId}/end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sign somebody out on one device, whose key is not good any more */
        post: operations["postAccountsByAccountIdDevicesBySessionIdEnd"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/accounts/{accountId}/device-code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A code that lets in a phone of somebody, for all their jobs or for one; good for a quarter of an hour */
        post: operations["postAccountsByAccountIdDeviceCode"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/links": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The links by which somebody without an account reads this job, newest first */
        get: operations["getJobsByJobIdLinks"];
        put?: never;
        /** Make a link; what stands in its address is told only now */
        post: operations["postJobsByJobIdLinks"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/links/{linkId}/end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** End a link: whoever is in by it is out at once */
        post: operations["postJobsByJobIdLinksByLinkIdEnd"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/shared/open": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Come in by a link: a session that reads one job. It is counted */
        post: operations["postSharedOpen"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/server": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The servers that are at work, what waits for them or failed, and how much is kept */
        get: operations["getServer"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every build-up of the firm, as last released, what ships with the application among them */
        get: operations["getLibrary"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/{buildUpId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The draft of a build-up, with its version as ETag */
        get: operations["getLibraryByBuildUpId"];
        /** Replace the draft; If-Match names the version it was made from, "0" begins a new build-up */
        put: operations["putLibraryByBuildUpId"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/{buildUpId}/revisions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The released revisions of a build-up, newest first */
        get: operations["getLibraryByBuildUpIdRevisions"];
        put?: never;
        /** Release the draft as the next revision; it cannot be changed afterwards */
        post: operations["postLibraryByBuildUpIdRevisions"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/{buildUpId}/revisions/{revision}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One released revision */
        get: operations["getLibraryByBuildUpIdRevisionsByRevision"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/{buildUpId}/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The draft as a build-up file, with the papers of its binder */
        get: operations["getLibraryByBuildUpIdFile"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/{buildUpId}/away": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Put a build-up away, out of what is offered, or bring it back */
        post: operations["postLibraryByBuildUpIdAway"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/papers/{sha256}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A paper of the binder */
        get: operations["getPapersBySha256"];
        /** File a paper (PDF, PNG or JPEG) under the SHA-256 of its content, at most 12 MB */
        put: operations["putPapersBySha256"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/printouts/pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A printout drawn as PDF: blocks as they are described, on the sheet that is asked for, with pictures of the job that is named */
        post: operations["postPrintoutsPdf"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/jobs/{jobId}/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The whole job as one JSON file */
        get: operations["getJobsByJobIdFile"];
        /** Import a job file under an id made by the client: whole, or not at all; with later=true by a task that tells how far it is */
        put: operations["putJobsByJobIdFile"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tasks/{taskId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How far a task is: its share of the whole, what is done now, and its file once it is there */
        get: operations["getTasksByTaskId"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tasks/{taskId}/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The file that a task made; it is kept for a day */
        get: operations["getTasksByTaskIdFile"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tasks/{taskId}/cancel": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Takes a task back; one that is done stays done */
        post: operations["postTasksByTaskIdCancel"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tasks/{taskId}/again": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Begins a task again that failed or was taken back */
        post: operations["postTasksByTaskIdAgain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/demo/{jobId}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Start the demo again from this moment, under an id made by the client; earlier demos are put away */
        put: operations["putDemoByJobId"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/instruments": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Instruments that can be read, simulated ones marked so, and meters that answer over HTTP */
        get: operations["getInstruments"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/instruments/{instrumentId}/readings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Read an instrument at some places of a target */
        post: operations["postInstrumentsByInstrumentIdReadings"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/takeoff": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Net, gross and containers for a survey and its build-ups */
        post: operations["postComputeTakeoff"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/details": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Details of every zone with pieces, material, steps and time, and the cut list of each roll. With the order: ends that the courses leave over are cut first, as the order counts them */
        post: operations["postComputeDetails"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/courses": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Courses of every rolled layer with its pieces, cut list and bound; boards in rows. A quick search: the application looks longer */
        post: operations["postComputeCourses"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/joint": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Depth, backer rod and sealant of a joint */
        post: operations["postComputeJoint"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/mix": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How much of a coat may be mixed now, of what, and what it covers */
        post: operations["postComputeMix"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/kettle": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The kettle charge of a hot coat */
        post: operations["postComputeKettle"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/bench": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** One of the quick calculators; what is left out takes its typical value */
        post: operations["postComputeBench"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/bays": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A zone cut into equal bays that one container or one mix covers */
        post: operations["postComputeBays"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/bay-route": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** An order of bays in which nobody is walled in, with the way out at each step */
        post: operations["postComputeBayRoute"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/state": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Every bay of a job file at an instant: its gates, what can be done, and the sentences that say so */
        post: operations["postComputeState"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/dew-point": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Dew point and margin from air, humidity and surface */
        post: operations["postComputeDewPoint"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/conditions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Every limit of a layer against one reading */
        post: operations["postComputeConditions"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/rate": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A coverage rate or a film as people write it, and the wet film where density or solids tell it */
        post: operations["postComputeRate"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/walk": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A walked outline: closing error, ratio, and the corners after the compass rule */
        post: operations["postComputeWalk"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/zone": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Area, perimeter and sides of a zone, with working */
        post: operations["postComputeZone"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/taped": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A taped outline: its shape, the residual of each measure, what is missing, what is most likely wrong */
        post: operations["postComputeTaped"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/falls": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Falls, ponds, outlets and levelling of a zone with levels */
        post: operations["postComputeFalls"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/readiness": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Whether a zone can be coated with a family: reasons, primer, preparation */
        post: operations["postComputeReadiness"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/build-up": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Films, totals, cost and what does not fit of a build-up, its own options taken, with working */
        post: operations["postComputeBuildUp"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/choose": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Build-ups ranked for a surveyed zone, each with its reasons and measures */
        post: operations["postComputeChoose"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/compute/acceptance": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Wet-film readings judged against a design film by one of the three schools */
        post: operations["postComputeAcceptance"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
}
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        Problem: {
            type: string;
            title: string;
            status: number;
            /** @description Plain sentences: field, value, what was expected */
            detail: string;
            /** @description The number of the request, as the log of the server has it */
            requestId?: string;
            errors?: {
                kind?: string;
                field?: string;
                label?: string;
                actual?: string;
                expected?: string;
                sentence?: string;
            }[];
        };
        figure: {
            label: string;
            value: number;
            quantity: components["schemas"]["quantity"];
            formula: string;
            inputs: {
                [key: string]: components["schemas"]["figure"] | components["schemas"]["given"];
            };
            from: string;
        };
        /** @enum {string} */
        quantity: "angle" | "area" | "count" | "days" | "density" | "fall" | "film" | "flow" | "fraction" | "gap" | "hours" | "lap" | "length" | "level" | "load" | "mass" | "massFine" | "minutes" | "moisture" | "number" | "output" | "percent" | "pressure" | "price" | "pricePerArea" | "rain" | "rainRate" | "rateMass" | "rateVolume" | "ratio" | "share" | "speed" | "stress" | "temperature" | "temperatureDifference" | "volume" | "volumeFine" | "weightPerArea" | "years";
        given: {
            label: string;
            value: number;
            quantity: components["schemas"]["quantity"];
            source: components["schemas"]["source"];
            note?: string;
            cites?: string;
        };
        conditionJudgement: {
            dewPoint: components["schemas"]["figure"];
            margin: components["schemas"]["figure"];
            checks: components["schemas"]["conditionJudgementChecks"];
            failing: components["schemas"]["conditionJudgementChecks"];
            unknown: components["schemas"]["conditionJudgementChecks"];
            surfaceNeeded: components["schemas"]["figure"];
        };
        conditionCheck: {
            /** @enum {string} */
            kind: "airMax" | "airMin" | "dewMargin" | "falling" | "humidityMax" | "humidityMin" | "rain" | "rising" | "surfaceMax" | "surfaceMin" | "wind";
            actual?: components["schemas"]["figure"] | components["schemas"]["given"];
            limit?: components["schemas"]["given"];
            /** @enum {string} */
            answer: "broken" | "holds" | "unknown";
        };
        parsedRate: {
            value: number;
            /** @enum {string} */
            basis: "dryFilm" | "mass" | "volume" | "wetFilm";
        };
        zoneQuantities: {
            zoneId: string;
            shape: components["schemas"]["zoneShape"];
            polygon: components["schemas"]["polygon"];
            ring: components["schemas"]["zoneQuantitiesRing"];
            sides: components["schemas"]["shapeSide"][];
            area: components["schemas"]["figure"];
            slopeArea: components["schemas"]["figure"];
            perimeter: components["schemas"]["figure"];
            edges: components["schemas"]["edgeQuantity"][];
            upstandGirth: components["schemas"]["figure"];
            upstandArea: components["schemas"]["figure"];
            corners: components["schemas"]["upstandCorner"][];
            internalCorners: components["schemas"]["figure"];
            externalCorners: components["schemas"]["figure"];
            features: components["schemas"]["featureQuantity"][];
        };
        zoneShape: {
            polygon: components["schemas"]["polygon"];
            corners: components["schemas"]["zoneQuantitiesRing"];
            sides: components["schemas"]["shapeSide"][];
            ring: components["schemas"]["zoneQuantitiesRing"];
            sideOf: number[];
        };
        polygon: {
            outer: components["schemas"]["zoneQuantitiesRing"];
            holes: components["schemas"]["zoneQuantitiesRing"][];
        };
        shapeSide: {
            from: components["schemas"]["zoneQuantitiesRing2"];
            to: components["schemas"]["zoneQuantitiesRing2"];
            lengthM: number;
            riseM: number;
            edge: {
                /** @constant */
                kind: "drip";
            } | {
                /** @constant */
                kind: "footing";
                widthMm: number;
            } | {
                /** @constant */
                kind: "free";
            } | {
                /** @constant */
                kind: "gutter";
                widthMm: number;
            } | {
                /** @constant */
                kind: "joint";
                widthMm: number;
            } | {
                /** @constant */
                kind: "parapet";
                heightMm: number;
                topWidthMm: number;
            } | {
                /** @constant */
                kind: "threshold";
                heightMm: number;
            } | {
                /** @constant */
                kind: "tie-in";
            } | {
                /** @constant */
                kind: "unsaid";
            } | {
                /** @constant */
                kind: "upstand";
                heightMm: number;
                /** @enum {string} */
                termination: "bar" | "chase" | "cladding" | "coping" | "open";
            } | {
                /** @constant */
                kind: "wall-top";
                /** @enum {string} */
                termination: "bar" | "chase" | "cladding" | "coping" | "open";
            };
        };
        edgeQuantity: {
            /** @enum {string} */
            kind: "drip" | "footing" | "free" | "gutter" | "joint" | "parapet" | "threshold" | "tie-in" | "unsaid" | "upstand" | "wall-top";
            length: components["schemas"]["figure"];
            area?: components["schemas"]["figure"];
        };
        upstandCorner: {
            /** @enum {string} */
            kind: "end" | "external" | "internal";
            at: components["schemas"]["zoneQuantitiesRing2"];
            where: string;
            deg: number;
            heightMm: number;
            opening?: number;
        };
        featureQuantity: {
            /** @enum {string} */
            kind: "blister" | "board-joint" | "fasteners" | "flanged-vent" | "moving-crack" | "outlet" | "patch" | "pipe" | "pipe-cluster" | "post" | "ridge" | "scupper" | "sheet-lap" | "spall" | "split" | "stairs" | "static-crack" | "support";
            count: components["schemas"]["figure"];
            length?: components["schemas"]["figure"];
        };
        tapedSolution: {
            points: components["schemas"]["zoneQuantitiesRing"];
            measures: components["schemas"]["measureResult"][];
            missing: number;
            wanted: components["schemas"]["tapedMeasure"][];
            checking?: components["schemas"]["tapedSolutionCheckingDiagonal"] | components["schemas"]["tapedSolutionCheckingSide"] | components["schemas"]["tapedSolutionCheckingSquare"];
            suspects: {
                result: components["schemas"]["measureResult"];
                fits: number;
            }[];
            turnedOver: number[];
            spare: number;
        };
        measureResult: {
            measure: components["schemas"]["tapedMeasure"];
            given: number;
            solved: number;
            residual: number;
            redundancy: number;
            standardised: number;
        };
        tapedMeasure: components["schemas"]["tapedSolutionCheckingDiagonal"] | components["schemas"]["tapedSolutionCheckingSide"] | components["schemas"]["tapedSolutionCheckingSquare"];
        fallsReport: {
            outlets: components["schemas"]["outletReport"][];
            edges: {
                side: number;
                takesM2: number;
            }[];
            levelling?: components["schemas"]["levellingReport"];
            rain: components["schemas"]["rainLoad"][];
            zoneId: string;
            points: components["schemas"]["zoneQuantitiesRing"];
            z: number[];
            triangles: [
                number,
                number,
                number
            ][];
            facets: components["schemas"]["facet"][];
            contours: components["schemas"]["contour"][];
            estimated: number;
            lowestM: number;
            highestM: number;
            meanFall: components["schemas"]["figure"];
            surfaceArea: components["schemas"]["figure"];
            belowLeast: components["schemas"]["figure"];
            hasDrain: boolean;
            ponds: components["schemas"]["pondReport"][];
            pondArea: components["schemas"]["figure"];
            spikes: components["schemas"]["spike"][];
        };
        outletReport: {
            takesM2: number;
            featureId: string;
            name: string;
            at: components["schemas"]["zoneQuantitiesRing2"];
            surfaceM: number;
            rimM?: number;
            proudM?: number;
        };
        levellingReport: {
            facts: components["schemas"]["levelling"];
            volume: components["schemas"]["figure"];
            mass: components["schemas"]["figure"];
        };
        levelling: {
            volumeL: number;
            thickestM: number;
            areaM2: number;
            meanM: number;
            cellM: number;
        };
        rainLoad: {
            featureId: string;
            brings: components["schemas"]["figure"];
            takes?: components["schemas"]["figure"];
        };
        facet: {
            middle: components["schemas"]["zoneQuantitiesRing2"];
            areaM2: number;
            gradient: components["schemas"]["zoneQuantitiesRing2"];
            fallPct: number;
        };
        contour: {
            levelM: number;
            pieces: [
                components["schemas"]["zoneQuantitiesRing2"],
                components["schemas"]["zoneQuantitiesRing2"]
            ][];
        };
        pondReport: {
            name: string;
            volume: components["schemas"]["figure"];
            drainName?: string;
            levelM: number;
            areaM2: number;
            volumeL: number;
            deepestM: number;
            deepestAt: components["schemas"]["zoneQuantitiesRing2"];
            wet: components["schemas"]["zoneQuantitiesRing"][];
            drain?: string;
            estimated: boolean;
        };
        spike: {
            index: number;
            measuredM: number;
            expectedM: number;
        };
        readiness: {
            zoneId: string;
            /** @enum {string} */
            weight: "fine" | "hold" | "refused" | "steps";
            reasons: components["schemas"]["reason"][];
            primer: {
                /** @enum {string} */
                answer: "needed" | "not known" | "spared" | "stop";
                says: components["schemas"]["readinessPrimerSays"];
            };
            steps: components["schemas"]["prepStep"][];
        };
        reason: {
            rule: string;
            weight: components["schemas"]["weight"];
            subject: string;
            says: components["schemas"]["readinessPrimerSays"];
            change: components["schemas"]["readinessPrimerSays"];
            facts: components["schemas"]["reasonFacts"];
        };
        /** @enum {string} */
        weight: "fine" | "hold" | "note" | "refused" | "steps";
        part: {
            atMs: number;
        } | {
            day: string;
        } | {
            figure: components["schemas"]["figure"] | components["schemas"]["given"];
        } | string;
        reasonFacts: {
            unknown?: boolean;
            actual?: components["schemas"]["figure"] | components["schemas"]["given"];
            limit?: components["schemas"]["figure"] | components["schemas"]["given"];
            readAtMs?: number;
            /** @enum {string} */
            test?: "core" | "humidity" | "moisture" | "profile" | "pull-off" | "sheet" | "slip" | "strength" | "strip-pull" | "tack";
            item?: string;
        };
        prepStep: {
            /** @enum {string} */
            key: "blisters" | "boards" | "broom" | "cut-cracks" | "cut-wet" | "degrease" | "dry" | "dry-again" | "fasteners" | "fibres" | "fill-cracks" | "fillets" | "grind" | "growth" | "joints" | "laps" | "level" | "outlets" | "prime" | "profile" | "renew-fasteners" | "rewash" | "rust" | "spalls" | "splits" | "strip" | "stripe-cracks" | "test" | "voids" | "wash";
            what: string;
            quantity?: components["schemas"]["figure"];
            how: string;
        };
        costs: {
            perM2: components["schemas"]["figure"];
            unpriced: string[];
            places: string[];
        };
        finding: {
            /** @enum {string} */
            outcome: "hold" | "stop";
            rule: string;
            layerId?: string;
            subject: string;
            says: components["schemas"]["readinessPrimerSays"];
        };
        ranked: {
            buildUp: components["schemas"]["buildUpOutput"];
            /** @enum {string} */
            suits: "conditional" | "suitable" | "unsuitable";
            reasons: components["schemas"]["ground"][];
            measures: components["schemas"]["measures"];
        };
        ground: {
            rule: string;
            /** @enum {string} */
            suits: "conditional" | "suitable" | "unsuitable";
            says: components["schemas"]["readinessPrimerSays"];
        };
        measures: {
            buildUp: components["schemas"]["buildUpOutput"];
            membrane: components["schemas"]["figure"];
            thickness: components["schemas"]["figure"];
            weightPerM2: components["schemas"]["figure"];
            material: components["schemas"]["figure"];
            costPerM2: components["schemas"]["figure"];
            cost: components["schemas"]["figure"];
            unpriced: string[];
            places: string[];
            schedule?: components["schemas"]["schedule"];
            noSchedule?: string;
            leastC?: components["schemas"]["figure"] | components["schemas"]["given"];
            mostC?: components["schemas"]["figure"] | components["schemas"]["given"];
            dewMarginK?: components["schemas"]["figure"] | components["schemas"]["given"];
            humidityMaxPct?: components["schemas"]["figure"] | components["schemas"]["given"];
            rainSafeH?: components["schemas"]["figure"] | components["schemas"]["given"];
            upkeep?: components["schemas"]["upkeep"];
        };
        schedule: {
            laid: components["schemas"]["laid"][];
            days: components["schemas"]["figure"];
            workHours: components["schemas"]["figure"];
            toFeet?: components["schemas"]["figure"];
            toWheels?: components["schemas"]["figure"];
        };
        laid: {
            layer: components["schemas"]["layerOutput"];
            startH: number;
            finishH: number;
            workH: number;
        };
        upkeep: {
            years: number;
            recoats: components["schemas"]["figure"];
            renewals: components["schemas"]["figure"];
            inspections: components["schemas"]["figure"];
            costPerM2: components["schemas"]["figure"];
        };
        filmFromReadings: {
            count: number;
            meanMm: number;
            lowMeanMm: number;
            highMeanMm?: number;
        };
        acceptance: {
            rule: components["schemas"]["acceptanceRule"];
            /** @enum {string} */
            outcome: "fails" | "no readings" | "passes" | "too close to tell";
            reasons: components["schemas"]["acceptanceReason"][];
        };
        acceptanceReason: {
            /** @constant */
            kind: "mean";
            actualMm: number;
            limitMm: number;
        } | {
            /** @constant */
            kind: "reading";
            actualMm: number;
            limitMm: number;
            index: number;
        } | {
            /** @constant */
            kind: "share";
            actual: number;
            limit: number;
            leastShare: number;
        } | {
            /** @constant */
            kind: "spot";
            actualMm: number;
            limitMm: number;
            index: number;
        };
        takeoff: {
            groups: components["schemas"]["orderGroup"][];
            lines: components["schemas"]["orderLine"][];
            missing: components["schemas"]["missing"][];
            unsaid: components["schemas"]["missing"][];
            undelivered: string[];
            idle: components["schemas"]["takeoffIdle"][];
        };
        orderGroup: {
            id: string;
            name: string;
            delivery?: {
                id: string;
                name: string;
                on: string;
                usedBy: string;
                zoneIds: string[];
            };
            lines: components["schemas"]["orderLine"][];
            price: components["schemas"]["figure"];
            unpriced: string[];
            mass: components["schemas"]["figure"];
            pallets: components["schemas"]["figure"];
        };
        orderLine: {
            key: string;
            /** @enum {string} */
            section: "details" | "ground" | "making" | "membrane";
            item: components["schemas"]["item"];
            layers: {
                buildUp: components["schemas"]["buildUpOutput"];
                layer: components["schemas"]["layerOutput"];
            }[];
            zoneNames: string[];
            quantity: components["schemas"]["quantity"];
            net: components["schemas"]["figure"];
            gross: components["schemas"]["figure"];
            drawn: components["schemas"]["drawn"][];
            need: components["schemas"]["figure"];
            buy: components["schemas"]["choice"];
            runnerUp?: components["schemas"]["choice"];
            /** @enum {string} */
            chosenBy: "least cost" | "least left over";
            proven: boolean;
            pricedBy?: string;
            price?: components["schemas"]["figure"];
            mass?: components["schemas"]["figure"];
            carriage?: components["schemas"]["carriage"];
            problems: components["schemas"]["orderLineProblems"];
        };
        item: {
            key: string;
            name: string;
            /** @enum {string} */
            kind: "broadcast" | "coat" | "fabric" | "pieces" | "protection" | "sheet" | "sundry";
            /** @enum {string} */
            waste?: "aggregate" | "fabric" | "liquid" | "sheet" | "sundry";
            quantity: components["schemas"]["quantity"];
            formerly?: {
                key: string;
                /** @enum {string} */
                unit: "mass" | "volume";
                each: number;
            };
            packs: components["schemas"]["pack"][];
            hazards: ("corrosive" | "dust" | "eye damage" | "flammable" | "harms water" | "heavy" | "hot" | "irritant" | "open flame" | "oxidising" | "sensitising" | "toxic")[];
            shelfLifeMonths?: components["schemas"]["sourced"];
            openedDays?: components["schemas"]["sourced"];
            currency: string;
        };
        pack: {
            id: string;
            name: string;
            net: number;
            massKg?: number;
            price?: components["schemas"]["sourced"];
        };
        sourced: components["schemas"]["numberWithSource"];
        drawn: {
            stock: components["schemas"]["takeoffIdle"];
            amount: number;
        };
        choice: {
            picks: {
                container: components["schemas"]["pack"];
                count: number;
            }[];
            total: number;
            leftOver: number;
        };
        carriage: {
            what: string;
            says: string;
        };
        problem: {
            kind: components["schemas"]["problemKind"];
            field: string;
            label: string;
            actual: string;
            expected: string;
        };
        /** @enum {string} */
        problemKind: "ambiguousNumber" | "chain" | "crossing" | "duplicate" | "holeOutside" | "holesOverlap" | "inUse" | "malformed" | "missing" | "notANumber" | "notClosed" | "order" | "outOfRange" | "tooFew" | "truncated" | "unfinished" | "unknown" | "wrong" | "wrongUnit";
        missing: {
            zoneId: string;
            zoneName: string;
            why: components["schemas"]["orderLineProblems"];
        };
        face: {
            use: components["schemas"]["faceUse"];
            shape: components["schemas"]["polygon"];
        };
        /** @enum {string} */
        faceUse: "base" | "cant" | "down" | "finger" | "flap" | "loop" | "top" | "wall";
        band: {
            use: components["schemas"]["faceUse"];
            mm: number;
            turnDeg: number;
        };
        materialUse: {
            material: {
                /** @constant */
                kind: "curb";
                partId: string;
            } | {
                /** @constant */
                kind: "layer";
                layerId: string;
            } | {
                /** @constant */
                kind: "pocket";
                layerId: string;
            } | {
                /** @constant */
                kind: "sundry";
                /** @enum {string} */
                key: "backer rod" | "bar" | "board fastener" | "bond breaker" | "elastomer strip" | "fabric" | "fastener" | "granules" | "head nail" | "joint filler" | "lap primer" | "metal primer" | "mortar" | "plate fastener" | "sealant" | "tape" | "temporary nail";
                sizeMm?: number;
            };
            name: string;
            use: string;
            amount: components["schemas"]["figure"];
        };
        step: {
            says: components["schemas"]["readinessPrimerSays"];
            hold?: string;
            waitMin?: components["schemas"]["given"];
        };
        pocket: {
            cluster: components["schemas"]["cluster"];
            curb: components["schemas"]["curb"];
            heightMm: number;
            pour: components["schemas"]["figure"];
            large: boolean;
            materials: components["schemas"]["materialUse"][];
            steps: components["schemas"]["step"][];
        };
        cluster: {
            lengthMm: number;
            widthMm: number;
            pipes: number;
            pipeMm: number;
        };
        curb: {
            /** @enum {string} */
            shape: "oval" | "round" | "rounded rectangle";
            parts: {
                part: {
                    id: string;
                    name: string;
                    /** @enum {string} */
                    shape: "round" | "rounded corner" | "straight";
                    sizeMm: components["schemas"]["sourced"];
                    massKg?: components["schemas"]["sourced"];
                    price?: components["schemas"]["sourced"];
                };
                count: number;
            }[];
            lengthMm: number;
            widthMm: number;
            radiusMm: number;
            clearanceMm: number;
            inside: components["schemas"]["figure"];
            insideGirthMm: number;
        };
        made: {
            rules: components["schemas"]["detailRules"];
            own?: components["schemas"]["ownWay"];
        };
        ownWay: {
            coat: components["schemas"]["layerOutput"];
            kinds: components["schemas"]["ownWayKinds"][];
            coatId: string;
            /** @enum {string} */
            form: "bedded pieces" | "coats alone" | "liquid flashing" | "stripe" | "thick patch" | "three courses";
            coats?: number;
            widthMm?: components["schemas"]["sourced"];
            pastMm?: components["schemas"]["sourced"];
            cutFrom?: string;
            granulesKgPerM2?: components["schemas"]["sourced"];
            abrade?: boolean;
        };
        placedCut: {
            key: string;
            label: string;
            roll: number;
            alongMm: number;
            acrossMm: number;
            longMm: number;
            wideMm: number;
            turned: boolean;
        };
        cut: {
            key: string;
            label: string;
            widthMm: number;
            heightMm: number;
            count: number;
        };
        roll: {
            name: string;
            widthMm: number;
            lengthMm: number;
        };
        cutLeftOver: {
            placed: components["schemas"]["placedCut"][];
            usedMm: number;
            lengthMm: number;
            of: string;
        };
        coursesFigures: {
            needed: components["schemas"]["figure"];
            least: components["schemas"]["figure"];
            sideLaps: components["schemas"]["figure"];
            endLaps: components["schemas"]["figure"];
            laps: components["schemas"]["figure"];
            lapArea: components["schemas"]["figure"];
            waste: components["schemas"]["figure"];
            cornerCuts: number;
        };
        coursePiece: {
            label: string;
            zoneId: string;
            layerId: string;
            plane: number;
            course: number;
            fromM: number;
            toM: number;
            lowM: number;
            widthM: number;
            half: boolean;
            cap: boolean;
            roll: number;
            atM: number;
            fixedBy?: string;
            bare: boolean;
            lapLeft: boolean;
            lapRight: boolean;
        };
        cutLine: {
            roll: number;
            rollM: number;
            inStock: boolean;
            cut: number;
            atM: number;
            lengthM: number;
            labels: string[];
            slit: boolean;
            places: string;
            leftM: number;
        };
        boardPiece: {
            row: number;
            fromM: number;
            toM: number;
            lowM: number;
            widthM: number;
            cut: boolean;
            offcut: boolean;
        };
        sealantJoint: {
            depth: components["schemas"]["figure"];
            rodMm: components["schemas"]["figure"];
            rodOnSaleMm?: number;
            volume: components["schemas"]["figure"];
        };
        mixCard: {
            batch: components["schemas"]["figure"];
            limits: components["schemas"]["mixLimit"][];
            parts: components["schemas"]["mixedPart"][];
            catalyst?: {
                percent: components["schemas"]["given"];
                mass: components["schemas"]["figure"];
            };
            thickener?: {
                percent: components["schemas"]["given"];
                mass: components["schemas"]["figure"];
                trial: components["schemas"]["given"];
            };
            thinner?: {
                name: string;
                most: components["schemas"]["given"];
                volume: components["schemas"]["figure"];
            };
            volume: components["schemas"]["figure"];
            covers: components["schemas"]["figure"];
            film: components["schemas"]["figure"];
            potLife: components["schemas"]["figure"];
            kit?: {
                name: string;
                share: components["schemas"]["figure"];
            };
            steps: components["schemas"]["mixStep"][];
        };
        mixLimit: {
            name: string;
            mass: components["schemas"]["figure"];
        };
        mixedPart: {
            id: string;
            name: string;
            mass: components["schemas"]["figure"];
            volume: components["schemas"]["figure"];
        };
        mixStep: {
            says: components["schemas"]["readinessPrimerSays"];
            minutes?: components["schemas"]["given"];
        };
        kettleCard: {
            charge: components["schemas"]["figure"];
            blocks?: {
                name: string;
                count: components["schemas"]["figure"];
            };
            melts: components["schemas"]["figure"];
            from: components["schemas"]["given"];
            most: components["schemas"]["given"];
            keeps: components["schemas"]["given"];
            covers: components["schemas"]["figure"];
            film: components["schemas"]["figure"];
            probes: components["schemas"]["figure"];
            steps: {
                says: components["schemas"]["readinessPrimerSays"];
            }[];
            care: components["schemas"]["hotCare"];
        };
        hotCare: {
            before: components["schemas"]["hotCareBefore"];
            fire: components["schemas"]["hotCareBefore"];
            burns: components["schemas"]["hotCareBefore"];
            end: components["schemas"]["hotCareBefore"];
        };
        answer: {
            figures: components["schemas"]["figure"][];
            notes: string[];
        };
        baySplit: {
            bays: {
                id: string;
                zoneId: string;
                label: string;
                parts: components["schemas"]["polygon"][];
            }[];
            covers: components["schemas"]["figure"];
            by: string;
            nearLow: number;
        };
        bayRoute: {
            steps: components["schemas"]["routeStep"][];
            access: components["schemas"]["zoneQuantitiesRing2"];
        };
        routeStep: {
            bayId: string;
            wayOut: components["schemas"]["zoneQuantitiesRing"];
            over: string[];
        };
        id: string;
        name: string;
        /** Format: date-time */
        instant: string;
        moment: components["schemas"]["instant"];
        /** @enum {string} */
        source: "measured" | "data sheet" | "typical" | "assumed" | "definition" | "chosen";
        jobHead: {
            name: components["schemas"]["name"];
            place: string;
            timeZone: string;
            /** @enum {string} */
            units: "metric" | "us";
            /** @enum {string} */
            wording?: "uk" | "us";
            /** @enum {string} */
            numbers?: "1 234.5" | "1,234.5" | "1.234,5" | "1 234,5" | "1’234.5";
            /** @enum {string} */
            inches?: "decimal" | "eighths" | "sixteenths";
            currency?: string;
            demo?: boolean;
            rules?: components["schemas"]["jobRules"];
        };
        jobRules: {
            practice: components["schemas"]["jobRulesPractice"];
            holdPoints: ("primer" | "details" | "coats")[];
            otherAccepts?: boolean;
        };
        survey: {
            zones: components["schemas"]["zone"][];
            origin?: components["schemas"]["surveyOrigin"];
            underlay?: components["schemas"]["surveyUnderlay"];
            /**
             * @default always
             * @enum {string}
             */
            primerSchool: "test may spare" | "always";
        };
        zone: {
            id: components["schemas"]["id"];
            code: string;
            name: components["schemas"]["name"];
            /** @enum {string} */
            use?: "wall" | "stairs";
            outline: components["schemas"]["outline"];
            plot?: components["schemas"]["zonePlot"];
            sides?: components["schemas"]["zoneSides"];
            openings: components["schemas"]["opening"][];
            /** @default [] */
            features: components["schemas"]["feature"][];
            /**
             * @default {
             *       "given": "height",
             *       "points": [],
             *       "breakLines": [],
             *       "leastFallPct": 1.25,
             *       "designFallPct": 1.5,
             *       "mixKgPerL": 2,
             *       "contourMm": 10
             *     }
             */
            levels: components["schemas"]["levels"];
            fallPct?: number;
            substrate?: components["schemas"]["zoneSubstrate"];
            findings?: components["schemas"]["zoneFindings"];
            /** @default [] */
            tests: {
                id: components["schemas"]["id"];
                kind: components["schemas"]["zoneTestsKind"];
                scale?: components["schemas"]["zoneTestsScale"];
                at?: components["schemas"]["zoneTestsAt"];
                takenAt: components["schemas"]["instant"];
                instrument: components["schemas"]["name"];
                value: number | string;
                /** @default false */
                unprimed: boolean;
                note: string;
            }[];
            family?: components["schemas"]["zoneFamily"];
            deckLoad?: components["schemas"]["zoneDeckLoad"];
            note: string;
        };
        outline: {
            /** @constant */
            kind: "walk";
            legs: components["schemas"]["outlineLegs"];
            adjustmentAccepted: boolean;
        } | {
            /** @constant */
            kind: "taped";
            corners: {
                /** @enum {string} */
                turn: "left" | "right";
                square: boolean;
            }[];
            sidesM: (components["schemas"]["outlineLegsLengthM"] | null)[];
            diagonals: {
                from: number;
                to: number;
                lengthM: components["schemas"]["outlineLegsLengthM"];
            }[];
            adjustmentAccepted: boolean;
        } | {
            /** @constant */
            kind: "estimated";
            areaM2: number;
            perimeterM?: components["schemas"]["outlineLegsLengthM"];
            risingM?: number;
        } | {
            /** @constant */
            kind: "points";
            points: components["schemas"]["outlinePoints"];
            /** @enum {string} */
            origin: "GeoJSON" | "CSV" | "DXF" | "typed" | "drawn" | "split" | "joined";
        };
        edge: {
            /** @constant */
            kind: "upstand";
            heightMm: number;
            /** @enum {string} */
            termination: "bar" | "chase" | "coping" | "cladding" | "open";
        } | {
            /** @constant */
            kind: "parapet";
            heightMm: number;
            topWidthMm: number;
        } | {
            /** @constant */
            kind: "drip";
        } | {
            /** @constant */
            kind: "gutter";
            widthMm: number;
        } | {
            /** @constant */
            kind: "threshold";
            heightMm: number;
        } | {
            /** @constant */
            kind: "joint";
            widthMm: number;
        } | {
            /** @constant */
            kind: "tie-in";
        } | {
            /** @constant */
            kind: "free";
        } | {
            /** @constant */
            kind: "wall-top";
            /** @enum {string} */
            termination: "bar" | "chase" | "coping" | "cladding" | "open";
        } | {
            /** @constant */
            kind: "footing";
            widthMm: number;
        } | {
            /** @constant */
            kind: "unsaid";
        };
        opening: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            kind?: components["schemas"]["openingKind"];
            /**
             * @default {
             *       "kind": "upstand",
             *       "heightMm": 150,
             *       "termination": "open"
             *     }
             */
            edge: components["schemas"]["edge"];
            shape: components["schemas"]["openingShape"];
        };
        feature: {
            id: components["schemas"]["id"];
            /** @enum {string} */
            kind: "outlet" | "scupper" | "pipe" | "pipe-cluster" | "post" | "support" | "static-crack" | "moving-crack" | "ridge" | "board-joint" | "sheet-lap" | "fasteners" | "blister" | "split" | "patch" | "flanged-vent" | "stairs" | "spall";
            count: number;
            at: components["schemas"]["zoneTestsAt"];
            to?: components["schemas"]["zoneTestsAt"];
            sizes: {
                [key: string]: number;
            };
            rimM?: number;
            note: string;
        };
        levels: {
            /** @enum {string} */
            given: "height" | "staff";
            points: {
                id: components["schemas"]["id"];
                at: components["schemas"]["zoneTestsAt"];
                valueM?: number;
            }[];
            breakLines: components["schemas"]["id"][][];
            leastFallPct: number;
            designFallPct: number;
            mixKgPerL: number;
            contourMm: number;
            rain?: {
                mmPerH: number;
                headMm: number;
            };
        };
        buildUps: {
            buildUps: components["schemas"]["buildUp"][];
            zones: {
                zoneId: components["schemas"]["id"];
                buildUpId: components["schemas"]["id"];
                revision: number;
                conditions?: components["schemas"]["buildUpsZonesConditions"];
                choices?: components["schemas"]["buildUpsZonesChoices"];
                withoutPrimer?: boolean;
            }[];
        };
        buildUp: {
            id: components["schemas"]["id"];
            revision: number;
            taken?: components["schemas"]["buildUpTaken"];
            name: components["schemas"]["name"];
            family: components["schemas"]["zoneFamily"];
            summary: string;
            acceptance: components["schemas"]["acceptanceRule"];
            leastDryFilmMm: components["schemas"]["buildUpLeastDryFilmMm"];
            /** @default EUR */
            currency: string;
            /**
             * @default exposed
             * @enum {string}
             */
            exposure: "exposed" | "covered";
            /**
             * @default no
             * @enum {string}
             */
            traffic: "no" | "feet" | "wheels";
            slopeMaxPct?: components["schemas"]["buildUpSlopeMaxPct"];
            choices?: components["schemas"]["buildUpChoices"];
            detailsAfter?: components["schemas"]["id"];
            details?: components["schemas"]["detailRules"];
            detailWays?: components["schemas"]["buildUpDetailWays"];
            layers: components["schemas"]["layer"][];
            upkeep?: {
                recoatYears?: components["schemas"]["buildUpUpkeepRecoatYears"];
                /** @default [] */
                recoatLayers: components["schemas"]["id"][];
                lifeYears: components["schemas"]["buildUpUpkeepLifeYears"];
                inspectPerYear: components["schemas"]["buildUpUpkeepInspectPerYear"];
                /** @default  */
                note: string;
            };
            cautions: string[];
            papers?: components["schemas"]["buildUpPapers"];
        };
        layer: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: string;
            only?: components["schemas"]["layerOnly"];
            outputM2PerH?: components["schemas"]["layerOutputM2PerH"];
            product?: components["schemas"]["layerProduct"];
            chemistry?: components["schemas"]["layerChemistry"];
            /** @enum {string} */
            shade?: "light" | "dark" | "clear";
            /** @constant */
            kind: "coat";
            role: components["schemas"]["layerRole"];
            /** @enum {string} */
            treats?: "edges, laps and fasteners" | "rust" | "details";
            fillsFromFallPct?: components["schemas"]["layerFillsFromFallPct"];
            rate: {
                /** @enum {string} */
                basis: "mass" | "volume" | "wetFilm" | "dryFilm";
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
                range?: components["schemas"]["layerRateRange"];
                tolerancePct?: components["schemas"]["layerRateTolerancePct"];
                least?: components["schemas"]["layerRateLeast"];
                most?: components["schemas"]["layerRateMost"];
                variants?: {
                    /** @enum {string} */
                    when: "slope" | "ramp" | "rough" | "absorbent" | "vertical" | "exposed edge" | "detail";
                    /** @enum {string} */
                    basis: "timesField" | "mass" | "volume" | "wetFilm" | "dryFilm";
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["id"];
                    /** @default  */
                    note: string;
                }[];
            };
            says?: components["schemas"]["layerSays"];
            densityKgPerL: components["schemas"]["layerDensityKgPerL"];
            volumeSolids?: components["schemas"]["layerVolumeSolids"];
            massSolids?: components["schemas"]["layerVolumeSolids"];
            volatileKgPerL?: components["schemas"]["layerVolatileKgPerL"];
            elongationPct?: components["schemas"]["layerOutputM2PerH"];
            blocksBleed?: boolean;
            containers: components["schemas"]["layerContainers"];
            mix?: {
                /** @enum {string} */
                by: "mass" | "volume";
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
                /**
                 * @default by weight
                 * @enum {string}
                 */
                split: "by weight" | "never";
                parts: components["schemas"]["layerMixParts"];
            };
            largestMixKg?: components["schemas"]["layerLargestMixKg"];
            catalyst?: {
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
                /** @default false */
                interpolate: boolean;
                points: components["schemas"]["layerCatalystPoints"];
            };
            thickener?: components["schemas"]["layerThickener"];
            thinning?: {
                with: components["schemas"]["name"];
                mostPct: components["schemas"]["layerThinningMostPct"];
                /** @default  */
                note: string;
            };
            stirring?: {
                minutes: components["schemas"]["buildUpUpkeepRecoatYears"];
                rpm?: components["schemas"]["layerStirringRpm"];
                restMinutes?: components["schemas"]["buildUpUpkeepRecoatYears"];
                /** @default  */
                note: string;
            };
            potLife: components["schemas"]["layerPotLife"];
            kettle?: components["schemas"]["layerKettle"];
            /** @default [] */
            tools: components["schemas"]["layerTools"][];
            direction?: components["schemas"]["layerDirection"];
            limits: components["schemas"]["limits"];
            cure: components["schemas"]["layerCure"];
            overcoatOpen?: boolean;
            ifMissed: string;
            /** @default {} */
            missed: components["schemas"]["layerMissed"];
            remedies?: components["schemas"]["layerRemedies"];
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: string;
            only?: components["schemas"]["layerOnly"];
            outputM2PerH?: components["schemas"]["layerOutputM2PerH"];
            product?: components["schemas"]["layerProduct"];
            /** @constant */
            kind: "fabric";
            /** @enum {string} */
            material?: "polyester fleece" | "glass mat" | "polyester fabric" | "glass mesh";
            embeddedIn: components["schemas"]["id"];
            weightGPerM2: components["schemas"]["layerMixPartsPackKg"];
            rollWidthM: components["schemas"]["layerRollWidthM"];
            rollLengthM: components["schemas"]["layerProductOpenedDays"];
            sideLapMm: components["schemas"]["layerSideLapMm"];
            endLapMm: components["schemas"]["layerSideLapMm"];
            /** @enum {string} */
            direction?: "along the courses" | "across the layer below" | "any";
            /** @enum {string} */
            faceDown?: "fleecy" | "smooth" | "either";
            /** @enum {string} */
            where?: "throughout" | "details";
            /** @enum {string} */
            edges?: "alike" | "one frayed" | "one bare";
            reachMm?: components["schemas"]["layerReachMm"];
            otherRolls?: components["schemas"]["layerOtherRolls"];
            pricePerRoll?: components["schemas"]["layerContainersPrice"];
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: string;
            only?: components["schemas"]["layerOnly"];
            outputM2PerH?: components["schemas"]["layerOutputM2PerH"];
            product?: components["schemas"]["layerProduct"];
            /** @constant */
            kind: "broadcast";
            into: components["schemas"]["id"];
            /** @enum {string} */
            method: "light" | "at a rate" | "to refusal";
            grading: string;
            thrownKgPerM2: components["schemas"]["layerThrownKgPerM2"];
            retainedKgPerM2: components["schemas"]["layerThrownKgPerM2"];
            standsMm?: components["schemas"]["buildUpDetailWaysGranulesKgPerM2"];
            bagKg: components["schemas"]["layerBagKg"];
            pricePerBag?: components["schemas"]["layerContainersPrice"];
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: string;
            only?: components["schemas"]["layerOnly"];
            outputM2PerH?: components["schemas"]["layerOutputM2PerH"];
            product?: components["schemas"]["layerProduct"];
            chemistry?: components["schemas"]["layerChemistry"];
            /** @enum {string} */
            shade?: "light" | "dark" | "clear";
            /** @constant */
            kind: "sheet";
            /** @enum {string} */
            bonding: "self-adhered" | "torched" | "cold adhesive" | "hot bonded" | "mechanically fixed";
            thicknessMm: components["schemas"]["layerThrownKgPerM2"];
            weightKgPerM2: components["schemas"]["layerWeightKgPerM2"];
            rollWidthM: components["schemas"]["layerRollWidthM"];
            rollLengthM: components["schemas"]["buildUpLeastDryFilmMm"];
            sideLapMm: components["schemas"]["layerSideLapMm"];
            endLapMm: components["schemas"]["layerSideLapMm"];
            /** @enum {string} */
            offset: "none" | "centred on the ply below" | "crossed";
            staggerMm?: components["schemas"]["layerStaggerMm"];
            /** @enum {string} */
            surfacing: "film" | "sand" | "granules" | "foil" | "bare";
            /** @default  */
            granuleLaps: string;
            /** @enum {string} */
            edges?: "alike" | "one frayed" | "one bare";
            seam?: components["schemas"]["layerSeam"];
            fasteners?: components["schemas"]["layerFasteners"];
            reachMm?: components["schemas"]["layerReachMm"];
            headNailsMm?: components["schemas"]["layerProductOpenedDays"];
            temporaryNails?: components["schemas"]["layerTemporaryNails"];
            otherRolls?: components["schemas"]["layerOtherRolls"];
            relaxMinutes?: components["schemas"]["layerRelaxMinutes"];
            /** @default [] */
            tools: components["schemas"]["layerTools"][];
            limits: components["schemas"]["limits"];
            ifMissed: string;
            /** @default {} */
            missed: components["schemas"]["layerMissed"];
            remedies?: components["schemas"]["layerRemedies"];
            pricePerRoll?: components["schemas"]["layerContainersPrice"];
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: string;
            only?: components["schemas"]["layerOnly"];
            outputM2PerH?: components["schemas"]["layerOutputM2PerH"];
            product?: components["schemas"]["layerProduct"];
            /** @constant */
            kind: "protection";
            material: components["schemas"]["layerMaterial"];
            /** @enum {string} */
            laid: "loose" | "bonded" | "embedded hot" | "mechanically fixed";
            thicknessMm: components["schemas"]["layerKettleProbeEveryM2"];
            weightKgPerM2: components["schemas"]["layerProductOpenedDays"];
            pieceWidthM: components["schemas"]["layerRollWidthM"];
            pieceLengthM: components["schemas"]["buildUpLeastDryFilmMm"];
            lapMm: components["schemas"]["layerSideLapMm"];
            fasteners?: components["schemas"]["layerFasteners"];
            reachMm?: components["schemas"]["layerReachMm"];
            pricePerPiece?: components["schemas"]["layerContainersPrice"];
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: string;
            only?: components["schemas"]["layerOnly"];
            outputM2PerH?: components["schemas"]["layerOutputM2PerH"];
            product?: components["schemas"]["layerProduct"];
            /** @constant */
            kind: "pieces";
            heightMm: components["schemas"]["layerKettleProbeEveryM2"];
            clearanceMm: components["schemas"]["layerKettleProbeEveryM2"];
            skinAboveMm: components["schemas"]["layerSideLapMm"];
            pieces: components["schemas"]["layerPieces"];
            limits: components["schemas"]["limits"];
            ifMissed: string;
        };
        limits: {
            airMinC: components["schemas"]["limitsAirMinC"];
            airMaxC: components["schemas"]["limitsAirMinC"];
            surfaceMinC: components["schemas"]["limitsAirMinC"];
            surfaceMaxC: components["schemas"]["limitsAirMinC"];
            humidityMinPct?: components["schemas"]["layerThinningMostPct"];
            humidityMaxPct: components["schemas"]["layerThinningMostPct"];
            dewMarginK: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            risingWithinK?: components["schemas"]["layerThrownKgPerM2"];
            fallingSlab?: boolean;
            windSprayMaxMPerS?: components["schemas"]["layerToolsNotchMm"];
            windHandMaxMPerS?: components["schemas"]["layerToolsNotchMm"];
            dryHours?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            moistureMaxPct?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            noBelow?: {
                tempC: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
                /** @enum {string} */
                until: "touch" | "rainSafe" | "overcoatFrom" | "overcoatUntil" | "foot" | "wheels" | "full" | "flood" | "load";
            };
        };
        detailRules: {
            /** @enum {string} */
            made: "fabric" | "sheet" | "coats";
            cutFrom?: components["schemas"]["id"];
            rollWidthMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            rollLengthM: components["schemas"]["layerProductOpenedDays"];
            footMm: components["schemas"]["detailRulesFootMm"];
            lapMm: components["schemas"]["buildUpDetailWaysPastMm"];
            ontoMm: components["schemas"]["buildUpDetailWaysPastMm"];
            pastSeamMm: components["schemas"]["layerSideLapMm"];
            clearMm: components["schemas"]["layerSideLapMm"];
            wingMm: components["schemas"]["detailRulesFootMm"];
            outletSquareMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            outletDownMm: components["schemas"]["buildUpDetailWaysPastMm"];
            upMm: components["schemas"]["detailRulesFootMm"];
            stripeMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            debondMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            ridgeMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            plies: number;
            plyStepMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            doubled: ("parapet" | "pipe" | "outlet" | "corner" | "post")[];
            underShare: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            timesField: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            /** @enum {string} */
            fillet: "none" | "sealant" | "mortar";
            filletLegMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            mortarKgPerL: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            metalPrimerKgPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            granulesKgPerM2?: components["schemas"]["buildUpDetailWaysGranulesKgPerM2"];
            barSpacingMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            barLengthM: components["schemas"]["buildUpDetailWaysGranulesKgPerM2"];
            longestM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            sealantOf?: components["schemas"]["detailRulesSealantOf"];
            metalPrimerOf?: components["schemas"]["detailRulesSealantOf"];
            sundries: {
                /** @enum {string} */
                key: "fabric" | "sealant" | "mortar" | "joint filler" | "backer rod" | "bond breaker" | "metal primer" | "bar" | "fastener" | "granules" | "tape" | "board fastener" | "elastomer strip" | "plate fastener" | "head nail" | "temporary nail" | "lap primer";
                packs: {
                    id: components["schemas"]["id"];
                    name: components["schemas"]["name"];
                    net: number;
                    massKg?: number;
                    price?: components["schemas"]["layerContainersPrice"];
                }[];
            }[];
        };
        order: {
            wastePct: {
                liquid: components["schemas"]["orderWastePctLiquid"];
                fabric: components["schemas"]["orderWastePctLiquid"];
                aggregate: components["schemas"]["orderWastePctLiquid"];
                /**
                 * @default {
                 *       "value": 5,
                 *       "source": "typical"
                 *     }
                 */
                sheet: components["schemas"]["orderWastePctLiquid"];
                /**
                 * @default {
                 *       "value": 10,
                 *       "source": "typical"
                 *     }
                 */
                sundry: components["schemas"]["orderWastePctLiquid"];
            };
            /**
             * @default {
             *       "value": 8,
             *       "source": "typical"
             *     }
             */
            oversprayPct: components["schemas"]["orderWastePctLiquid"];
            profileLPerM2?: components["schemas"]["orderProfileLPerM2"];
            /**
             * @default least left over
             * @enum {string}
             */
            aim: "least left over" | "least cost";
            /**
             * @default job
             * @enum {string}
             */
            groupBy: "job" | "zone" | "delivery";
            palletKg?: components["schemas"]["orderPalletKg"];
            stock?: components["schemas"]["orderStock"];
            deliveries?: components["schemas"]["orderDeliveries"];
            sheets?: components["schemas"]["orderSheets"];
            /** @default {} */
            supplies: {
                seasonFromC?: components["schemas"]["orderSuppliesSeasonFromC"];
                seasonToC?: components["schemas"]["orderSuppliesSeasonToC"];
                reservePct?: components["schemas"]["orderSuppliesReservePct"];
                washLPerM2?: components["schemas"]["orderSuppliesWashLPerM2"];
                degreaserLPerM2?: components["schemas"]["orderSuppliesDegreaserLPerM2"];
                repairMortarKgPerL?: components["schemas"]["orderSuppliesRepairMortarKgPerL"];
                fillerKgPerL?: components["schemas"]["orderSuppliesFillerKgPerL"];
                mortarMorePct?: components["schemas"]["orderSuppliesReservePct"];
                cleanerLPerToolDay?: components["schemas"]["orderSuppliesCleanerLPerToolDay"];
                maskings?: components["schemas"]["orderSuppliesMaskings"];
                torchGasKgPerM2?: components["schemas"]["orderSuppliesTorchGasKgPerM2"];
                kettleGasKgPerKg?: components["schemas"]["orderSuppliesKettleGasKgPerKg"];
                seamAdhesiveKgPerM2?: components["schemas"]["orderSuppliesSeamAdhesiveKgPerM2"];
            };
            /** @default [] */
            offers: {
                id: components["schemas"]["id"];
                supplier: components["schemas"]["name"];
                on: components["schemas"]["zoneSubstrateLaidOn"];
                until?: components["schemas"]["zoneSubstrateLaidOn"];
                currency: string;
                deliveryDays?: number;
                freight?: string;
                /** @default  */
                note: string;
                lines: components["schemas"]["orderOffersLines"];
            }[];
            pricesFrom?: components["schemas"]["id"];
            /** @default 0 */
            taxPct: string;
            /** @default {} */
            courses: components["schemas"]["courses"];
        };
        courses: {
            /** @default {} */
            rules: {
                upSlopeAbovePct?: components["schemas"]["coursesRulesUpSlopeAbovePct"];
                /** @default {} */
                reachMm: {
                    upstand?: components["schemas"]["coursesRulesReachMmUpstand"];
                    parapet?: components["schemas"]["coursesRulesReachMmUpstand"];
                    threshold?: components["schemas"]["coursesRulesReachMmUpstand"];
                    drip?: components["schemas"]["coursesRulesReachMmDrip"];
                    gutter?: components["schemas"]["coursesRulesReachMmGutter"];
                    joint?: components["schemas"]["coursesRulesReachMmJoint"];
                    "tie-in"?: components["schemas"]["coursesRulesReachMmTieIn"];
                    free?: components["schemas"]["coursesRulesReachMmUpstand"];
                    "wall-top"?: components["schemas"]["coursesRulesReachMmUpstand"];
                    footing?: components["schemas"]["coursesRulesReachMmUpstand"];
                };
                openingClearMm?: components["schemas"]["coursesRulesOpeningClearMm"];
                outletClearM?: components["schemas"]["coursesRulesOutletClearM"];
                leastPieceM?: components["schemas"]["coursesRulesLeastPieceM"];
                leastTopMm?: components["schemas"]["coursesRulesLeastTopMm"];
                staggerM?: components["schemas"]["coursesRulesStaggerM"];
                leastBoardM?: components["schemas"]["coursesRulesLeastBoardM"];
                lapPrimerKgPerM2?: components["schemas"]["coursesRulesLapPrimerKgPerM2"];
                /**
                 * @default cap strip
                 * @enum {string}
                 */
                ridge: "cap strip" | "fold over";
                ridgeReachMm?: components["schemas"]["coursesRulesRidgeReachMm"];
            };
            /** @default [] */
            plans: components["schemas"]["coursePlan"][];
        };
        coursePlan: {
            zoneId: components["schemas"]["id"];
            layerId: components["schemas"]["id"];
            way?: components["schemas"]["coursePlanWay"];
            side?: number;
            firstM?: number;
            /** @default [] */
            fixed: {
                id: components["schemas"]["id"];
                /** @default 0 */
                plane: number;
                course: number;
                fromM: number;
                toM: number;
            }[];
            keepOff?: components["schemas"]["coursePlanKeepOff"];
        };
        programme: {
            /** @default [] */
            crews: components["schemas"]["crew"][];
            /** @default {} */
            hours: {
                /** @default 07:00 */
                from: components["schemas"]["programmeHoursFrom"];
                /** @default 16:30 */
                to: components["schemas"]["programmeHoursFrom"];
                /** @default 12:00 */
                breakFrom: components["schemas"]["programmeHoursFrom"];
                /** @default 30 */
                breakMin: number;
                days?: components["schemas"]["programmeHoursDays"];
            };
            /** @default [] */
            off: {
                on: components["schemas"]["zoneSubstrateLaidOn"];
                /** @default  */
                says: string;
            }[];
            inspector?: {
                /** @default 11:00 */
                from: components["schemas"]["programmeHoursFrom"];
                /** @default 12:00 */
                to: components["schemas"]["programmeHoursFrom"];
                days?: components["schemas"]["programmeHoursDays"];
            };
            /** @default [] */
            contacts: {
                id: components["schemas"]["id"];
                name: components["schemas"]["name"];
                /** @default  */
                about: string;
                /** @default  */
                phone: string;
            }[];
            /** @default {} */
            machines: {
                /** @default 1 */
                sprayers: number;
                /** @default 1 */
                kettles: number;
            };
            /** @default {} */
            times: {
                setUpMin?: components["schemas"]["programmeTimesSetUpMin"];
                clearMin?: components["schemas"]["programmeTimesSetUpMin"];
                moveMin?: components["schemas"]["programmeTimesSetUpMin"];
                changeMin?: components["schemas"]["programmeTimesChangeMin"];
                stepMin?: components["schemas"]["programmeTimesStepMin"];
            };
            /** @default {} */
            costs: {
                items?: components["schemas"]["programmeCosts"];
                addPct?: components["schemas"]["programmeCostsAddPct"];
            };
            loud?: {
                /** @default 09:00 */
                from: components["schemas"]["programmeHoursFrom"];
                /** @default 16:00 */
                to: components["schemas"]["programmeHoursFrom"];
            };
            /** @default [] */
            taken: {
                zoneId: components["schemas"]["id"];
                from: components["schemas"]["instant"];
                to: components["schemas"]["instant"];
                /** @default  */
                says: string;
            }[];
            apart?: components["schemas"]["programmeApart"];
            /** @default [] */
            opened: components["schemas"]["id"][];
            floods?: components["schemas"]["programmeFloods"];
            /** @default [] */
            expects: {
                zoneId: components["schemas"]["id"];
                fitAt: components["schemas"]["instant"];
                /** @default  */
                says: string;
            }[];
            /** @default [] */
            deadlines: {
                id: components["schemas"]["id"];
                zoneId: components["schemas"]["id"];
                /** @enum {string} */
                what: "tight" | "feet" | "wheels" | "done";
                by: components["schemas"]["instant"];
                /** @default 0 */
                costPerDay: number;
            }[];
            pins?: components["schemas"]["programmePins"];
            kept?: components["schemas"]["programmeKept"];
            baseline?: components["schemas"]["programmeKept"];
        };
        crew: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            people: number;
            /** @default [] */
            names: components["schemas"]["name"][];
            skills?: components["schemas"]["crewSkills"];
            /** @default [] */
            off: components["schemas"]["crewOff"][];
            /** @default [] */
            only: components["schemas"]["crewOff"][];
            ratePerH?: components["schemas"]["crewRatePerH"];
        };
        proving: {
            /** @default [] */
            demands: {
                zoneId: components["schemas"]["id"];
                /** @enum {string} */
                leak: "none" | "flood" | "detector" | "either";
                bondMPa?: components["schemas"]["layerThrownKgPerM2"];
                slip?: components["schemas"]["provingDemandsSlip"];
                /** @default false */
                dryFilm: boolean;
                /** @default false */
                pictures: boolean;
                /** @default  */
                says: string;
            }[];
            /** @default [] */
            guarantees: {
                zoneId: components["schemas"]["id"];
                by: string;
                covers: string;
                years: number;
                startsOn?: components["schemas"]["zoneSubstrateLaidOn"];
                demands?: components["schemas"]["provingGuaranteesDemands"];
                visitsPerYear?: number;
                /** @default  */
                visitsBy: string;
                sentWithinDays?: number;
                sentOn?: components["schemas"]["zoneSubstrateLaidOn"];
            }[];
        };
        site: {
            bays: components["schemas"]["bay"][];
            cuts: components["schemas"]["siteCuts"];
            access?: components["schemas"]["siteAccess"];
        };
        bay: {
            id: components["schemas"]["id"];
            zoneId: components["schemas"]["id"];
            label: string;
            parts: {
                outer: components["schemas"]["outlinePoints2"][];
                holes: components["schemas"]["outlinePoints2"][][];
            }[];
        };
        weather: {
            place?: components["schemas"]["weatherPlace"];
            /**
             * @default none
             * @enum {string}
             */
            service: "none" | "simulated" | "sources";
            /** @default [] */
            sourceIds: components["schemas"]["id"][];
            /** @default {} */
            simulated: {
                /** @default 1 */
                seed: number;
                frontAt?: components["schemas"]["instant"];
                dryBefore?: boolean;
                originAt?: components["schemas"]["instant"];
                /** @default {} */
                climate: {
                    /** @default 18 */
                    meanC: number;
                    /** @default 3.5 */
                    seasonK: number;
                    /** @default 4 */
                    dayK: number;
                    /** @default 6 */
                    spreadK: number;
                    /** @default 3.5 */
                    windMPerS: number;
                };
            };
            /** @default {} */
            crew: {
                /** @default 2 */
                people: number;
                /**
                 * @default by hand
                 * @enum {string}
                 */
                method: "by hand" | "sprayed";
                /** @default 1 */
                toolShare: number;
            };
        };
        weatherSeries: {
            id: components["schemas"]["id"];
            /** @enum {string} */
            kind: "observed" | "forecast" | "climate";
            source: components["schemas"]["name"];
            /** @default false */
            simulated: boolean;
            place?: components["schemas"]["weatherPlace"];
            issuedAt: components["schemas"]["instant"];
            startAt: components["schemas"]["instant"];
            hours: number;
            columns: components["schemas"]["weatherColumns"];
            members?: components["schemas"]["weatherColumns"][];
        };
        weatherColumns: {
            airC?: (number | null)[];
            humidityPct?: (number | null)[];
            rainMm?: (number | null)[];
            rainChancePct?: components["schemas"]["weatherColumnsRainChancePct"];
            windMPerS?: (number | null)[];
            gustMPerS?: (number | null)[];
            cloudPct?: components["schemas"]["weatherColumnsRainChancePct"];
            sunWPerM2?: (number | null)[];
            surfaceC?: (number | null)[];
        };
        entry: components["schemas"]["entrySecondForm"] | components["schemas"]["entryFirstForm"];
        entryFirstForm: {
            id: components["schemas"]["id"];
            madeAt: components["schemas"]["instant"];
            who: string;
            supersedes?: components["schemas"]["id"];
            /** @constant */
            kind: "conditions";
            zoneId: components["schemas"]["id"];
            bayId?: components["schemas"]["id"];
            at: components["schemas"]["instant"];
            airC: number;
            humidityPct: number;
            surfaceC: number;
        } | {
            id: components["schemas"]["id"];
            madeAt: components["schemas"]["instant"];
            who: string;
            supersedes?: components["schemas"]["id"];
            /** @constant */
            kind: "coat";
            bayId: components["schemas"]["id"];
            buildUpId: components["schemas"]["id"];
            revision: number;
            layerId: components["schemas"]["id"];
            startedAt: components["schemas"]["instant"];
            finishedAt?: components["schemas"]["instant"];
            containers: {
                containerId: components["schemas"]["id"];
                opened: number;
                batch: string;
            }[];
            leftOver: components["schemas"]["entryFirstFormLeftOver"];
            gauge: components["schemas"]["entryFirstFormGauge"];
            lastWetMm: number[];
            note: string;
        } | {
            id: components["schemas"]["id"];
            madeAt: components["schemas"]["instant"];
            who: string;
            supersedes?: components["schemas"]["id"];
            /** @constant */
            kind: "laid";
            bayId: components["schemas"]["id"];
            buildUpId: components["schemas"]["id"];
            revision: number;
            layerId: components["schemas"]["id"];
            startedAt: components["schemas"]["instant"];
            finishedAt: components["schemas"]["instant"];
            used: number;
            batch: string;
            looked: boolean;
            note: string;
        } | {
            id: components["schemas"]["id"];
            madeAt: components["schemas"]["instant"];
            who: string;
            supersedes?: components["schemas"]["id"];
            /** @constant */
            kind: "step";
            bayId: components["schemas"]["id"];
            /** @enum {string} */
            step: "prepared" | "detailed" | "held" | "released" | "accepted";
            at: components["schemas"]["instant"];
            note: string;
        } | {
            id: components["schemas"]["id"];
            madeAt: components["schemas"]["instant"];
            who: string;
            supersedes?: components["schemas"]["id"];
            /** @constant */
            kind: "detail";
            zoneId: components["schemas"]["id"];
            detailId: string;
            name: string;
            /** @enum {string} */
            step: "made" | "accepted" | "refused";
            at: components["schemas"]["instant"];
            note: string;
        } | {
            id: components["schemas"]["id"];
            madeAt: components["schemas"]["instant"];
            who: string;
            supersedes: components["schemas"]["id"];
            /** @constant */
            kind: "withdrawal";
            reason: string;
        };
        entrySecondForm: (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "conditions";
            body: {
                at: components["schemas"]["moment"];
                airC: number;
                humidityPct: number;
                surfaceC: number;
                windMPerS?: number;
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "preparation";
            body: {
                at: components["schemas"]["moment"];
                startedAt?: components["schemas"]["moment"];
                steps: ("strip" | "cut-wet" | "outlets" | "blisters" | "splits" | "renew-fasteners" | "cut-cracks" | "grind" | "profile" | "rust" | "degrease" | "broom" | "wash" | "dry" | "spalls" | "voids" | "fill-cracks" | "level" | "joints" | "fillets" | "dry-again" | "test" | "prime" | "boards" | "laps" | "fasteners" | "stripe-cracks" | "fibres" | "rewash" | "growth")[];
                complete: boolean;
                method?: string;
                tip?: string;
                pressureBar?: number;
                product?: string;
                waterParts?: number;
                litres?: number;
                dwellMin?: number;
                dryingFrom?: components["schemas"]["moment"];
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "test";
            body: {
                at: components["schemas"]["moment"];
                test: components["schemas"]["zoneTestsKind"];
                instrument: components["schemas"]["name"];
                value: number | string;
                scale?: components["schemas"]["zoneTestsScale"];
                unprimed: boolean;
                /** @enum {string} */
                brokeAt?: "in the ground" | "between ground and coat" | "between two coats" | "within a coat" | "in the glue";
                brokePct?: number;
                broughtOverFrom?: components["schemas"]["id"];
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "trial";
            body: {
                at: components["schemas"]["moment"];
                /** @enum {string} */
                about: "spray" | "thickener" | "adhesion" | "fill rate" | "colour";
                layerId?: components["schemas"]["id"];
                judgedAt?: components["schemas"]["moment"];
                /** @enum {string} */
                result?: "good" | "not good" | "try again";
                decidedBy?: string;
                areaM2?: number;
                litres?: number;
                thickenerPct?: number;
                shade?: string;
                tip?: string;
                pressureBar?: number;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "coat";
            body: {
                buildUpId: components["schemas"]["id"];
                revision: components["schemas"]["entrySecondFormBodyRevision"];
                layerId: components["schemas"]["id"];
                startedAt: components["schemas"]["moment"];
                finishedAt?: components["schemas"]["moment"];
                containers: {
                    containerId: components["schemas"]["id"];
                    opened: number;
                    batch: string;
                }[];
                leftOver: components["schemas"]["entryFirstFormLeftOver"];
                gauge: components["schemas"]["entryFirstFormGauge"] | components["schemas"]["id"];
                teethMm?: components["schemas"]["entrySecondFormBodyTeethMm"];
                readings: {
                    bayId: components["schemas"]["id"];
                    lastWetMm: number[];
                    places?: (components["schemas"]["zoneTestsAt"] | null)[];
                }[];
                /** @enum {string} */
                method?: "rolled" | "sprayed" | "poured" | "trowelled" | "brushed" | "broomed";
                tip?: string;
                pressureBar?: number;
                dilutionPct?: number;
                shade?: string;
                passes?: number;
                against?: string;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "ply";
            body: {
                buildUpId: components["schemas"]["id"];
                revision: components["schemas"]["entrySecondFormBodyRevision"];
                layerId: components["schemas"]["id"];
                startedAt: components["schemas"]["moment"];
                finishedAt: components["schemas"]["moment"];
                used: number;
                batch: string;
                looked: boolean;
                against?: string;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "broadcast";
            body: {
                /** @constant */
                step: "thrown";
                buildUpId: components["schemas"]["id"];
                revision: components["schemas"]["entrySecondFormBodyRevision"];
                layerId: components["schemas"]["id"];
                at: components["schemas"]["moment"];
                /** @enum {string} */
                method: "light" | "at a rate" | "to refusal";
                bags: number;
                thrownKg: number;
                batch: string;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            } | {
                /** @constant */
                step: "swept";
                buildUpId: components["schemas"]["id"];
                revision: components["schemas"]["entrySecondFormBodyRevision"];
                layerId: components["schemas"]["id"];
                at: components["schemas"]["moment"];
                sweptKg: number;
                backKg: number;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "mix";
            body: {
                buildUpId: components["schemas"]["id"];
                revision: components["schemas"]["entrySecondFormBodyRevision"];
                layerId: components["schemas"]["id"];
                at: components["schemas"]["moment"];
                parts: {
                    name: string;
                    kg: number;
                    batch: string;
                }[];
                catalystPct?: number;
                resinC?: number;
                surfaceC?: number;
                airC?: number;
                stirredMin?: number;
                placedAt?: components["schemas"]["moment"];
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "melt";
            body: {
                buildUpId: components["schemas"]["id"];
                revision: components["schemas"]["entrySecondFormBodyRevision"];
                layerId: components["schemas"]["id"];
                charge: number;
                litAt: components["schemas"]["moment"];
                offAt?: components["schemas"]["moment"];
                blocks: number;
                chargedKg: number;
                temperatures: {
                    at: components["schemas"]["moment"];
                    kettleC: number;
                    layingC?: number;
                }[];
                drawnKg: number;
                leftKg: number;
                batch: string;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "permit";
            body: {
                /** @constant */
                step: "opened";
                at: components["schemas"]["moment"];
                number: string;
                issuedBy: string;
                work: string;
                until: components["schemas"]["moment"];
                note?: components["schemas"]["entrySecondFormBodyNote"];
            } | {
                /** @constant */
                step: "closed";
                at: components["schemas"]["moment"];
                permitId: components["schemas"]["id"];
                closedBy: string;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "watch";
            body: {
                /** @constant */
                step: "opened";
                at: components["schemas"]["moment"];
                watcher: string;
                until: components["schemas"]["moment"];
                extinguisher: boolean;
                permitId?: components["schemas"]["id"];
                note?: components["schemas"]["entrySecondFormBodyNote"];
            } | {
                /** @constant */
                step: "closed";
                at: components["schemas"]["moment"];
                watchId: components["schemas"]["id"];
                nothingFound: boolean;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "dry film";
            body: {
                at: components["schemas"]["moment"];
                layerId?: components["schemas"]["id"];
                /** @enum {string} */
                gauge: "magnetic" | "eddy current" | "ultrasonic" | "cut-out";
                instrument: string;
                /** @enum {string} */
                ground: "steel" | "other metal" | "concrete" | "timber" | "other";
                /** @enum {string} */
                when: "before" | "after";
                zeroUm?: number;
                shims: {
                    nominalUm: number;
                    readUm: number;
                }[];
                readingsUm: number[];
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "gauge";
            body: {
                name: string;
                /** @enum {string} */
                marked: "mm" | "mil";
                teethMm: components["schemas"]["entrySecondFormBodyTeethMm"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "flood";
            body: {
                /** @constant */
                step: "filled";
                at: components["schemas"]["moment"];
                deepestMm: number;
                levelMm: number;
                panMm?: number;
                plugged: number;
                hours: number;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            } | {
                /** @constant */
                step: "read";
                at: components["schemas"]["moment"];
                floodId: components["schemas"]["id"];
                levelMm: number;
                panMm?: number;
                rainMm?: number;
                toppedUpToMm?: number;
                waterC?: number;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            } | {
                /** @constant */
                step: "emptied";
                at: components["schemas"]["moment"];
                floodId: components["schemas"]["id"];
                levelMm?: number;
                panMm?: number;
                rainMm?: number;
                unplugged: number;
                /** @enum {string} */
                below: "dry" | "wet" | "not looked at";
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "leak test";
            body: {
                at: components["schemas"]["moment"];
                /** @enum {string} */
                method: "spark" | "low voltage" | "smoke" | "tracer gas";
                instrument: string;
                volts?: number;
                finds: string[];
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "snag";
            body: {
                /** @constant */
                step: "found";
                at: components["schemas"]["moment"];
                what: string;
                forWhom?: string;
                by?: components["schemas"]["zoneSubstrateLaidOn"];
            } | {
                /** @enum {string} */
                step: "done" | "accepted" | "refused";
                at: components["schemas"]["moment"];
                snagId: components["schemas"]["id"];
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "upkeep";
            body: {
                /** @constant */
                step: "handed over";
                at: components["schemas"]["moment"];
                to: string;
                unproven: string[];
                note?: components["schemas"]["entrySecondFormBodyNote"];
            } | {
                /** @constant */
                step: "visit";
                at: components["schemas"]["moment"];
                done: ("looked at" | "washed" | "outlets cleared" | "repaired" | "coated again")[];
                details: components["schemas"]["id"][];
                topUm: number[];
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "event";
            body: {
                at: components["schemas"]["moment"];
                /** @enum {string} */
                what: "rain" | "shoes" | "traffic" | "standing water" | "spill" | "damage" | "stop of work";
                until?: components["schemas"]["moment"];
                rainMm?: number;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "opening";
            body: {
                at: components["schemas"]["moment"];
                /** @enum {string} */
                to: "rain" | "feet" | "wheels" | "water" | "backfill" | "tiles";
                /** @enum {string} */
                step: "opened" | "closed";
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "decision";
            body: {
                at: components["schemas"]["moment"];
                /** @enum {string} */
                what: "held" | "released" | "accepted" | "refused" | "gate taken over";
                about?: {
                    layerId?: components["schemas"]["id"];
                    gate?: string;
                    entryId?: components["schemas"]["id"];
                    limit?: components["schemas"]["layerMissed2"];
                };
                licence?: string;
                reason: string;
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "detail";
            body: {
                at: components["schemas"]["moment"];
                detailId: string;
                name: string;
                /** @enum {string} */
                step: "made" | "accepted" | "refused";
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "remedy";
            body: {
                at: components["schemas"]["moment"];
                entryId: components["schemas"]["id"];
                limit: components["schemas"]["layerMissed2"];
                steps: {
                    n: number;
                    says: string;
                }[];
                product?: string;
                litres?: number;
                batch?: string;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "stock";
            body: {
                at: components["schemas"]["moment"];
                /** @enum {string} */
                step: "came" | "opened" | "left over" | "used up" | "thrown away" | "back";
                item: string;
                name: string;
                count?: number;
                amount?: number;
                /** @enum {string} */
                unit?: "kg" | "L" | "m²" | "m" | "pieces";
                batch: string;
                bestBefore?: components["schemas"]["zoneSubstrateLaidOn"];
                paper?: string;
                note?: components["schemas"]["entrySecondFormBodyNote"];
            };
        }) | (components["schemas"]["entrySecondFormHead"] & {
            /** @constant */
            kind: "withdrawal";
            body: {
                reason: string;
                undone?: boolean;
            };
        });
        /** @description What every entrySecondForm has */
        entrySecondFormHead: {
            /** @constant */
            form: 2;
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["moment"];
            offsetMs?: number;
            zoneId?: components["schemas"]["id"];
            bays: {
                bayId: components["schemas"]["id"];
                share: number;
            }[];
            place?: components["schemas"]["zoneTestsAt"];
            attachments: string[];
            marks?: {
                picture: string;
                /** @enum {string} */
                shape: "arrow" | "circle" | "length";
                from: components["schemas"]["entrySecondFormHeadMarksFrom"];
                to: components["schemas"]["entrySecondFormHeadMarksFrom"];
                knownMm?: number;
                says?: string;
            }[];
            supersedes?: components["schemas"]["id"];
            signature?: {
                /** @constant */
                algorithm: "ES256";
                key: string;
                jobId?: components["schemas"]["id"];
                value: string;
            };
            /** @constant */
            version: 1;
        };
        drawing: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "drawing";
            label: string;
            frame: components["schemas"]["drawingFrame"];
            widthMm?: number;
            /** @default 120 */
            mostHeightMm: number;
            shapes: components["schemas"]["drawingShapes"][];
        };
        storedEntry: {
            seq: number;
            receivedAt: components["schemas"]["moment"];
            previousHash: string;
            hash: string;
            entry: components["schemas"]["entry"];
        };
        person: {
            id: components["schemas"]["id"];
            name: string;
        };
        jobHeadOutput: {
            name: components["schemas"]["name"];
            place: string;
            timeZone: string;
            /** @enum {string} */
            units: "metric" | "us";
            /** @enum {string} */
            wording?: "uk" | "us";
            /** @enum {string} */
            numbers?: "1 234.5" | "1,234.5" | "1.234,5" | "1 234,5" | "1’234.5";
            /** @enum {string} */
            inches?: "decimal" | "eighths" | "sixteenths";
            currency?: string;
            demo?: boolean;
            rules?: components["schemas"]["jobRules"];
        };
        surveyOutput: {
            zones: components["schemas"]["zoneOutput"][];
            origin?: components["schemas"]["surveyOrigin"];
            underlay?: components["schemas"]["surveyUnderlay"];
            /**
             * @default always
             * @enum {string}
             */
            primerSchool: "test may spare" | "always";
        };
        zoneOutput: {
            id: components["schemas"]["id"];
            code: string;
            name: components["schemas"]["name"];
            /** @enum {string} */
            use?: "wall" | "stairs";
            outline: components["schemas"]["outline"];
            plot: components["schemas"]["zonePlot"];
            sides: components["schemas"]["zoneSides"];
            openings: components["schemas"]["openingOutput"][];
            /** @default [] */
            features: components["schemas"]["feature"][];
            /**
             * @default {
             *       "given": "height",
             *       "points": [],
             *       "breakLines": [],
             *       "leastFallPct": 1.25,
             *       "designFallPct": 1.5,
             *       "mixKgPerL": 2,
             *       "contourMm": 10
             *     }
             */
            levels: components["schemas"]["levels"];
            fallPct?: number;
            substrate?: components["schemas"]["zoneSubstrate"];
            findings: components["schemas"]["zoneFindings"];
            /** @default [] */
            tests: {
                id: components["schemas"]["id"];
                kind: components["schemas"]["zoneTestsKind"];
                scale?: components["schemas"]["zoneTestsScale"];
                at?: components["schemas"]["zoneTestsAt"];
                takenAt: components["schemas"]["instant"];
                instrument: components["schemas"]["name"];
                value: number | string;
                /** @default false */
                unprimed: boolean;
                note: string;
            }[];
            family?: components["schemas"]["zoneFamily"];
            deckLoad?: components["schemas"]["zoneDeckLoad"];
            note: string;
        };
        openingOutput: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            kind: components["schemas"]["openingKind"];
            /**
             * @default {
             *       "kind": "upstand",
             *       "heightMm": 150,
             *       "termination": "open"
             *     }
             */
            edge: components["schemas"]["edge"];
            shape: components["schemas"]["openingShape"];
        };
        buildUpsOutput: {
            buildUps: components["schemas"]["buildUpOutput"][];
            zones: {
                zoneId: components["schemas"]["id"];
                buildUpId: components["schemas"]["id"];
                revision: number;
                conditions: components["schemas"]["buildUpsZonesConditions"];
                choices: components["schemas"]["buildUpsZonesChoices"];
                withoutPrimer?: boolean;
            }[];
        };
        buildUpOutput: {
            id: components["schemas"]["id"];
            revision: number;
            taken?: components["schemas"]["buildUpTaken"];
            name: components["schemas"]["name"];
            family: components["schemas"]["zoneFamily"];
            summary: string;
            acceptance: components["schemas"]["acceptanceRule"];
            leastDryFilmMm: components["schemas"]["buildUpLeastDryFilmMm"];
            /** @default EUR */
            currency: string;
            /**
             * @default exposed
             * @enum {string}
             */
            exposure: "exposed" | "covered";
            /**
             * @default no
             * @enum {string}
             */
            traffic: "no" | "feet" | "wheels";
            slopeMaxPct?: components["schemas"]["buildUpSlopeMaxPct"];
            choices: components["schemas"]["buildUpChoices"];
            detailsAfter?: components["schemas"]["id"];
            details?: components["schemas"]["detailRules"];
            detailWays?: components["schemas"]["buildUpDetailWays"];
            layers: components["schemas"]["layerOutput"][];
            upkeep?: {
                recoatYears?: components["schemas"]["buildUpUpkeepRecoatYears"];
                /** @default [] */
                recoatLayers: components["schemas"]["id"][];
                lifeYears: components["schemas"]["buildUpUpkeepLifeYears"];
                inspectPerYear: components["schemas"]["buildUpUpkeepInspectPerYear"];
                /** @default  */
                note: string;
            };
            cautions: string[];
            papers: components["schemas"]["buildUpPapers"];
        };
        layerOutput: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: string;
            only?: components["schemas"]["layerOnly"];
            outputM2PerH?: components["schemas"]["layerOutputM2PerH"];
            product?: components["schemas"]["layerOutputProduct"];
            chemistry?: components["schemas"]["layerChemistry"];
            /** @enum {string} */
            shade?: "light" | "dark" | "clear";
            /** @constant */
            kind: "coat";
            role: components["schemas"]["layerRole"];
            /** @enum {string} */
            treats?: "edges, laps and fasteners" | "rust" | "details";
            fillsFromFallPct?: components["schemas"]["layerFillsFromFallPct"];
            rate: {
                /** @enum {string} */
                basis: "mass" | "volume" | "wetFilm" | "dryFilm";
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
                range?: components["schemas"]["layerRateRange"];
                tolerancePct?: components["schemas"]["layerRateTolerancePct"];
                least?: components["schemas"]["layerRateLeast"];
                most?: components["schemas"]["layerRateMost"];
                variants?: {
                    /** @enum {string} */
                    when: "slope" | "ramp" | "rough" | "absorbent" | "vertical" | "exposed edge" | "detail";
                    /** @enum {string} */
                    basis: "timesField" | "mass" | "volume" | "wetFilm" | "dryFilm";
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["id"];
                    /** @default  */
                    note: string;
                }[];
            };
            says?: components["schemas"]["layerSays"];
            densityKgPerL: components["schemas"]["layerDensityKgPerL"];
            volumeSolids?: components["schemas"]["layerVolumeSolids"];
            massSolids?: components["schemas"]["layerVolumeSolids"];
            volatileKgPerL?: components["schemas"]["layerVolatileKgPerL"];
            elongationPct?: components["schemas"]["layerOutputM2PerH"];
            blocksBleed?: boolean;
            containers: components["schemas"]["layerContainers"];
            mix?: {
                /** @enum {string} */
                by: "mass" | "volume";
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
                /**
                 * @default by weight
                 * @enum {string}
                 */
                split: "by weight" | "never";
                parts: components["schemas"]["layerMixParts"];
            };
            largestMixKg?: components["schemas"]["layerLargestMixKg"];
            catalyst?: {
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
                /** @default false */
                interpolate: boolean;
                points: components["schemas"]["layerCatalystPoints"];
            };
            thickener?: components["schemas"]["layerThickener"];
            thinning?: {
                with: components["schemas"]["name"];
                mostPct: components["schemas"]["layerThinningMostPct"];
                /** @default  */
                note: string;
            };
            stirring?: {
                minutes: components["schemas"]["buildUpUpkeepRecoatYears"];
                rpm?: components["schemas"]["layerStirringRpm"];
                restMinutes?: components["schemas"]["buildUpUpkeepRecoatYears"];
                /** @default  */
                note: string;
            };
            potLife: components["schemas"]["layerPotLife"];
            kettle?: components["schemas"]["layerKettle"];
            /** @default [] */
            tools: components["schemas"]["layerOutputTools"][];
            direction: components["schemas"]["layerDirection"];
            limits: components["schemas"]["limits"];
            cure: components["schemas"]["layerCure"];
            overcoatOpen?: boolean;
            ifMissed: string;
            /** @default {} */
            missed: components["schemas"]["layerMissed"];
            remedies?: components["schemas"]["layerRemedies"];
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: string;
            only?: components["schemas"]["layerOnly"];
            outputM2PerH?: components["schemas"]["layerOutputM2PerH"];
            product?: components["schemas"]["layerOutputProduct"];
            /** @constant */
            kind: "fabric";
            /** @enum {string} */
            material?: "polyester fleece" | "glass mat" | "polyester fabric" | "glass mesh";
            embeddedIn: components["schemas"]["id"];
            weightGPerM2: components["schemas"]["layerMixPartsPackKg"];
            rollWidthM: components["schemas"]["layerRollWidthM"];
            rollLengthM: components["schemas"]["layerProductOpenedDays"];
            sideLapMm: components["schemas"]["layerSideLapMm"];
            endLapMm: components["schemas"]["layerSideLapMm"];
            /** @enum {string} */
            direction?: "along the courses" | "across the layer below" | "any";
            /** @enum {string} */
            faceDown?: "fleecy" | "smooth" | "either";
            /** @enum {string} */
            where?: "throughout" | "details";
            /** @enum {string} */
            edges?: "alike" | "one frayed" | "one bare";
            reachMm?: components["schemas"]["layerReachMm"];
            otherRolls?: components["schemas"]["layerOtherRolls"];
            pricePerRoll?: components["schemas"]["layerContainersPrice"];
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: string;
            only?: components["schemas"]["layerOnly"];
            outputM2PerH?: components["schemas"]["layerOutputM2PerH"];
            product?: components["schemas"]["layerOutputProduct"];
            /** @constant */
            kind: "broadcast";
            into: components["schemas"]["id"];
            /** @enum {string} */
            method: "light" | "at a rate" | "to refusal";
            grading: string;
            thrownKgPerM2: components["schemas"]["layerThrownKgPerM2"];
            retainedKgPerM2: components["schemas"]["layerThrownKgPerM2"];
            standsMm?: components["schemas"]["buildUpDetailWaysGranulesKgPerM2"];
            bagKg: components["schemas"]["layerBagKg"];
            pricePerBag?: components["schemas"]["layerContainersPrice"];
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: string;
            only?: components["schemas"]["layerOnly"];
            outputM2PerH?: components["schemas"]["layerOutputM2PerH"];
            product?: components["schemas"]["layerOutputProduct"];
            chemistry?: components["schemas"]["layerChemistry"];
            /** @enum {string} */
            shade?: "light" | "dark" | "clear";
            /** @constant */
            kind: "sheet";
            /** @enum {string} */
            bonding: "self-adhered" | "torched" | "cold adhesive" | "hot bonded" | "mechanically fixed";
            thicknessMm: components["schemas"]["layerThrownKgPerM2"];
            weightKgPerM2: components["schemas"]["layerWeightKgPerM2"];
            rollWidthM: components["schemas"]["layerRollWidthM"];
            rollLengthM: components["schemas"]["buildUpLeastDryFilmMm"];
            sideLapMm: components["schemas"]["layerSideLapMm"];
            endLapMm: components["schemas"]["layerSideLapMm"];
            /** @enum {string} */
            offset: "none" | "centred on the ply below" | "crossed";
            staggerMm?: components["schemas"]["layerStaggerMm"];
            /** @enum {string} */
            surfacing: "film" | "sand" | "granules" | "foil" | "bare";
            /** @default  */
            granuleLaps: string;
            /** @enum {string} */
            edges?: "alike" | "one frayed" | "one bare";
            seam?: components["schemas"]["layerSeam"];
            fasteners?: components["schemas"]["layerFasteners"];
            reachMm?: components["schemas"]["layerReachMm"];
            headNailsMm?: components["schemas"]["layerProductOpenedDays"];
            temporaryNails?: components["schemas"]["layerTemporaryNails"];
            otherRolls?: components["schemas"]["layerOtherRolls"];
            relaxMinutes?: components["schemas"]["layerRelaxMinutes"];
            /** @default [] */
            tools: components["schemas"]["layerOutputTools"][];
            limits: components["schemas"]["limits"];
            ifMissed: string;
            /** @default {} */
            missed: components["schemas"]["layerMissed"];
            remedies?: components["schemas"]["layerRemedies"];
            pricePerRoll?: components["schemas"]["layerContainersPrice"];
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: string;
            only?: components["schemas"]["layerOnly"];
            outputM2PerH?: components["schemas"]["layerOutputM2PerH"];
            product?: components["schemas"]["layerOutputProduct"];
            /** @constant */
            kind: "protection";
            material: components["schemas"]["layerMaterial"];
            /** @enum {string} */
            laid: "loose" | "bonded" | "embedded hot" | "mechanically fixed";
            thicknessMm: components["schemas"]["layerKettleProbeEveryM2"];
            weightKgPerM2: components["schemas"]["layerProductOpenedDays"];
            pieceWidthM: components["schemas"]["layerRollWidthM"];
            pieceLengthM: components["schemas"]["buildUpLeastDryFilmMm"];
            lapMm: components["schemas"]["layerSideLapMm"];
            fasteners?: components["schemas"]["layerFasteners"];
            reachMm?: components["schemas"]["layerReachMm"];
            pricePerPiece?: components["schemas"]["layerContainersPrice"];
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: string;
            only?: components["schemas"]["layerOnly"];
            outputM2PerH?: components["schemas"]["layerOutputM2PerH"];
            product?: components["schemas"]["layerOutputProduct"];
            /** @constant */
            kind: "pieces";
            heightMm: components["schemas"]["layerKettleProbeEveryM2"];
            clearanceMm: components["schemas"]["layerKettleProbeEveryM2"];
            skinAboveMm: components["schemas"]["layerSideLapMm"];
            pieces: components["schemas"]["layerPieces"];
            limits: components["schemas"]["limits"];
            ifMissed: string;
        };
        orderOutput: {
            wastePct: {
                liquid: components["schemas"]["orderWastePctLiquid"];
                fabric: components["schemas"]["orderWastePctLiquid"];
                aggregate: components["schemas"]["orderWastePctLiquid"];
                /**
                 * @default {
                 *       "value": 5,
                 *       "source": "typical"
                 *     }
                 */
                sheet: components["schemas"]["orderWastePctLiquid"];
                /**
                 * @default {
                 *       "value": 10,
                 *       "source": "typical"
                 *     }
                 */
                sundry: components["schemas"]["orderWastePctLiquid"];
            };
            /**
             * @default {
             *       "value": 8,
             *       "source": "typical"
             *     }
             */
            oversprayPct: components["schemas"]["orderWastePctLiquid"];
            profileLPerM2: components["schemas"]["orderProfileLPerM2"];
            /**
             * @default least left over
             * @enum {string}
             */
            aim: "least left over" | "least cost";
            /**
             * @default job
             * @enum {string}
             */
            groupBy: "job" | "zone" | "delivery";
            palletKg: components["schemas"]["orderPalletKg"];
            stock: components["schemas"]["orderStock"];
            deliveries: components["schemas"]["orderDeliveries"];
            sheets: components["schemas"]["orderSheets"];
            supplies: {
                seasonFromC: components["schemas"]["orderSuppliesSeasonFromC"];
                seasonToC: components["schemas"]["orderSuppliesSeasonToC"];
                reservePct: components["schemas"]["orderSuppliesReservePct"];
                washLPerM2: components["schemas"]["orderSuppliesWashLPerM2"];
                degreaserLPerM2: components["schemas"]["orderSuppliesDegreaserLPerM2"];
                repairMortarKgPerL: components["schemas"]["orderSuppliesRepairMortarKgPerL"];
                fillerKgPerL: components["schemas"]["orderSuppliesFillerKgPerL"];
                mortarMorePct: components["schemas"]["orderSuppliesReservePct"];
                cleanerLPerToolDay: components["schemas"]["orderSuppliesCleanerLPerToolDay"];
                maskings: components["schemas"]["orderSuppliesMaskings"];
                torchGasKgPerM2: components["schemas"]["orderSuppliesTorchGasKgPerM2"];
                kettleGasKgPerKg: components["schemas"]["orderSuppliesKettleGasKgPerKg"];
                seamAdhesiveKgPerM2: components["schemas"]["orderSuppliesSeamAdhesiveKgPerM2"];
            };
            /** @default [] */
            offers: {
                id: components["schemas"]["id"];
                supplier: components["schemas"]["name"];
                on: components["schemas"]["zoneSubstrateLaidOn"];
                until?: components["schemas"]["zoneSubstrateLaidOn"];
                currency: string;
                deliveryDays?: number;
                freight?: string;
                /** @default  */
                note: string;
                lines: components["schemas"]["orderOffersLines"];
            }[];
            pricesFrom?: components["schemas"]["id"];
            /** @default 0 */
            taxPct: string;
            courses: components["schemas"]["coursesOutput"];
        };
        coursesOutput: {
            rules: {
                upSlopeAbovePct: components["schemas"]["coursesRulesUpSlopeAbovePct"];
                reachMm: {
                    upstand: components["schemas"]["coursesRulesReachMmUpstand"];
                    parapet: components["schemas"]["coursesRulesReachMmUpstand"];
                    threshold: components["schemas"]["coursesRulesReachMmUpstand"];
                    drip: components["schemas"]["coursesRulesReachMmDrip"];
                    gutter: components["schemas"]["coursesRulesReachMmGutter"];
                    joint: components["schemas"]["coursesRulesReachMmJoint"];
                    "tie-in": components["schemas"]["coursesRulesReachMmTieIn"];
                    free: components["schemas"]["coursesRulesReachMmUpstand"];
                    "wall-top": components["schemas"]["coursesRulesReachMmUpstand"];
                    footing: components["schemas"]["coursesRulesReachMmUpstand"];
                };
                openingClearMm: components["schemas"]["coursesRulesOpeningClearMm"];
                outletClearM: components["schemas"]["coursesRulesOutletClearM"];
                leastPieceM: components["schemas"]["coursesRulesLeastPieceM"];
                leastTopMm: components["schemas"]["coursesRulesLeastTopMm"];
                staggerM: components["schemas"]["coursesRulesStaggerM"];
                leastBoardM: components["schemas"]["coursesRulesLeastBoardM"];
                lapPrimerKgPerM2: components["schemas"]["coursesRulesLapPrimerKgPerM2"];
                /**
                 * @default cap strip
                 * @enum {string}
                 */
                ridge: "cap strip" | "fold over";
                ridgeReachMm: components["schemas"]["coursesRulesRidgeReachMm"];
            };
            /** @default [] */
            plans: components["schemas"]["coursePlanOutput"][];
        };
        coursePlanOutput: {
            zoneId: components["schemas"]["id"];
            layerId: components["schemas"]["id"];
            way: components["schemas"]["coursePlanWay"];
            side?: number;
            firstM?: number;
            /** @default [] */
            fixed: {
                id: components["schemas"]["id"];
                /** @default 0 */
                plane: number;
                course: number;
                fromM: number;
                toM: number;
            }[];
            keepOff: components["schemas"]["coursePlanKeepOff"];
        };
        programmeOutput: {
            /** @default [] */
            crews: components["schemas"]["crewOutput"][];
            hours: {
                /** @default 07:00 */
                from: components["schemas"]["programmeHoursFrom"];
                /** @default 16:30 */
                to: components["schemas"]["programmeHoursFrom"];
                /** @default 12:00 */
                breakFrom: components["schemas"]["programmeHoursFrom"];
                /** @default 30 */
                breakMin: number;
                days: components["schemas"]["programmeHoursDays"];
            };
            /** @default [] */
            off: {
                on: components["schemas"]["zoneSubstrateLaidOn"];
                /** @default  */
                says: string;
            }[];
            inspector?: {
                /** @default 11:00 */
                from: components["schemas"]["programmeHoursFrom"];
                /** @default 12:00 */
                to: components["schemas"]["programmeHoursFrom"];
                days: components["schemas"]["programmeHoursDays"];
            };
            /** @default [] */
            contacts: {
                id: components["schemas"]["id"];
                name: components["schemas"]["name"];
                /** @default  */
                about: string;
                /** @default  */
                phone: string;
            }[];
            machines: {
                /** @default 1 */
                sprayers: number;
                /** @default 1 */
                kettles: number;
            };
            times: {
                setUpMin: components["schemas"]["programmeTimesSetUpMin"];
                clearMin: components["schemas"]["programmeTimesSetUpMin"];
                moveMin: components["schemas"]["programmeTimesSetUpMin"];
                changeMin: components["schemas"]["programmeTimesChangeMin"];
                stepMin: components["schemas"]["programmeTimesStepMin"];
            };
            costs: {
                items: components["schemas"]["programmeCosts"];
                addPct?: components["schemas"]["programmeCostsAddPct"];
            };
            loud?: {
                /** @default 09:00 */
                from: components["schemas"]["programmeHoursFrom"];
                /** @default 16:00 */
                to: components["schemas"]["programmeHoursFrom"];
            };
            /** @default [] */
            taken: {
                zoneId: components["schemas"]["id"];
                from: components["schemas"]["instant"];
                to: components["schemas"]["instant"];
                /** @default  */
                says: string;
            }[];
            apart: components["schemas"]["programmeApart"];
            /** @default [] */
            opened: components["schemas"]["id"][];
            floods: components["schemas"]["programmeFloods"];
            /** @default [] */
            expects: {
                zoneId: components["schemas"]["id"];
                fitAt: components["schemas"]["instant"];
                /** @default  */
                says: string;
            }[];
            /** @default [] */
            deadlines: {
                id: components["schemas"]["id"];
                zoneId: components["schemas"]["id"];
                /** @enum {string} */
                what: "tight" | "feet" | "wheels" | "done";
                by: components["schemas"]["instant"];
                /** @default 0 */
                costPerDay: number;
            }[];
            pins: components["schemas"]["programmePins"];
            kept?: components["schemas"]["programmeKept"];
            baseline?: components["schemas"]["programmeKept"];
        };
        crewOutput: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            people: number;
            /** @default [] */
            names: components["schemas"]["name"][];
            skills: components["schemas"]["crewSkills"];
            /** @default [] */
            off: components["schemas"]["crewOff"][];
            /** @default [] */
            only: components["schemas"]["crewOff"][];
            ratePerH?: components["schemas"]["crewRatePerH"];
        };
        provingOutput: {
            /** @default [] */
            demands: {
                zoneId: components["schemas"]["id"];
                /** @enum {string} */
                leak: "none" | "flood" | "detector" | "either";
                bondMPa?: components["schemas"]["layerThrownKgPerM2"];
                slip?: components["schemas"]["provingDemandsSlip"];
                /** @default false */
                dryFilm: boolean;
                /** @default false */
                pictures: boolean;
                /** @default  */
                says: string;
            }[];
            /** @default [] */
            guarantees: {
                zoneId: components["schemas"]["id"];
                by: string;
                covers: string;
                years: number;
                startsOn?: components["schemas"]["zoneSubstrateLaidOn"];
                demands: components["schemas"]["provingGuaranteesDemands"];
                visitsPerYear?: number;
                /** @default  */
                visitsBy: string;
                sentWithinDays?: number;
                sentOn?: components["schemas"]["zoneSubstrateLaidOn"];
            }[];
        };
        siteOutput: {
            bays: components["schemas"]["bay"][];
            cuts: components["schemas"]["siteCuts"];
            access: components["schemas"]["siteAccess"];
        };
        weatherOutput: {
            place?: components["schemas"]["weatherPlace"];
            /**
             * @default none
             * @enum {string}
             */
            service: "none" | "simulated" | "sources";
            /** @default [] */
            sourceIds: components["schemas"]["id"][];
            simulated: {
                /** @default 1 */
                seed: number;
                frontAt?: components["schemas"]["instant"];
                dryBefore?: boolean;
                originAt?: components["schemas"]["instant"];
                climate: {
                    /** @default 18 */
                    meanC: number;
                    /** @default 3.5 */
                    seasonK: number;
                    /** @default 4 */
                    dayK: number;
                    /** @default 6 */
                    spreadK: number;
                    /** @default 3.5 */
                    windMPerS: number;
                };
            };
            crew: {
                /** @default 2 */
                people: number;
                /**
                 * @default by hand
                 * @enum {string}
                 */
                method: "by hand" | "sprayed";
                /** @default 1 */
                toolShare: number;
            };
        };
        weatherSeriesOutput: {
            id: components["schemas"]["id"];
            /** @enum {string} */
            kind: "observed" | "forecast" | "climate";
            source: components["schemas"]["name"];
            /** @default false */
            simulated: boolean;
            place?: components["schemas"]["weatherPlace"];
            issuedAt: components["schemas"]["instant"];
            startAt: components["schemas"]["instant"];
            hours: number;
            columns: components["schemas"]["weatherColumns"];
            members?: components["schemas"]["weatherColumns"][];
        };
        drawingOutput: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "drawing";
            label: string;
            frame: components["schemas"]["drawingFrame"];
            widthMm?: number;
            /** @default 120 */
            mostHeightMm: number;
            shapes: components["schemas"]["drawingOutputShapes"][];
        };
        /** @description A number, and where it comes from */
        numberWithSource: {
            value: number;
            /** @enum {string} */
            source: "assumed" | "chosen" | "data sheet" | "definition" | "measured" | "typical";
            cites?: string;
        };
        getJobsByJobId: {
            id: string;
            version: number;
            archived: boolean;
            createdAt: string;
            job: components["schemas"]["jobHeadOutput"];
        };
        putJobsByJobIdSurvey: {
            version: number;
        };
        getJobsByJobIdPlanGeojsonApplicationGeoJsonFeaturesGeometryCoordinates: [
            number,
            number
        ];
        getJobsByJobIdDays: {
            at: string;
            until: string;
            forecastUntil: string;
            timeZone: string;
            season?: string;
            finish?: string;
            finishEightInTen?: string;
            noneBefore?: string;
            personHours: number;
            leastPersonHours: number;
            ways: number;
            crews: {
                id: string;
                name: string;
                people: number;
            }[];
            tasks: {
                id: string;
                kind: string;
                name: string;
                zoneId: string;
                bayId: string;
                bay: string;
                layerId?: string;
                crewId: string;
                start: string;
                end: string;
                late: boolean;
                rinsed: boolean;
                pinned: boolean;
                overcoatFrom?: string;
                overcoatUntil?: string;
                holds?: number;
                spoiled?: number;
            }[];
            deadlines: {
                id: string;
                zoneId: string;
                what: string;
                by: string;
                ready?: string;
                holds?: number;
            }[];
            deliveries: {
                name: string;
                on: string;
                usedBy: string;
                zones: string[];
                first?: string;
                last?: string;
            }[];
            price: {
                total: number;
                lines: {
                    kind: string;
                    name: string;
                    amount: number;
                }[];
                spread?: {
                    early?: number;
                    middle?: number;
                    late?: number;
                };
                missing: string[];
            };
            notPlanned: {
                bays: string[];
                name?: string;
                why: string;
            }[];
            sentences: string[];
        };
        getJobsByJobIdTodayBaysGatesActual: {
            label: string;
            value: number;
            quantity: string;
            source: string;
        };
        getJobsByJobIdToday: {
            at: string;
            timeZone: string;
            bays: {
                id: string;
                label: string;
                zoneId: string;
                kind: string;
                state: string;
                /** @enum {string} */
                advice?: "go" | "hold" | "check";
                layerId?: string;
                from?: string;
                until?: string;
                gates: {
                    key: string;
                    group: string;
                    name: string;
                    /** @enum {string} */
                    answer: "holds" | "broken" | "unknown";
                    says: string;
                    opens: string;
                    actual?: components["schemas"]["getJobsByJobIdTodayBaysGatesActual"];
                    limit?: components["schemas"]["getJobsByJobIdTodayBaysGatesActual"];
                    readAt?: string;
                    opensAt?: string;
                    settledBy?: string;
                    fixed?: string;
                    takenOver?: {
                        by: string;
                        at: string;
                        reason: string;
                    };
                }[];
                sentences: string[];
            }[];
        };
        /** Format: date-time */
        getJobsByJobIdMorningAt: string;
        getJobsByJobIdMorningBaysAll: number;
        getJobsByJobIdMorningUrgent: {
            says: string;
            bays: components["schemas"]["getJobsByJobIdMorningBaysAll"];
            bayId: components["schemas"]["id"];
            zoneId: components["schemas"]["id"];
            by?: components["schemas"]["getJobsByJobIdMorningAt"];
        }[];
        getJobsByJobIdMorningCloses: {
            at: components["schemas"]["getJobsByJobIdMorningAt"];
            says: string;
            bayId: components["schemas"]["id"];
        };
        /** Format: date */
        zoneSubstrateLaidOn: string;
        postJobsByJobIdWeatherFetch: Record<string, never>;
        putJobsByJobIdWeatherSeriesBySeriesId: {
            id: string;
        };
        getFirmWeatherHosts: {
            hosts: {
                host: string;
                allowedAt: string;
            }[];
        };
        postFirmWeatherHostsAllow: {
            host: string;
        };
        /** @enum {string} */
        getFirmWeatherSourcesSourcesSourceMapColumnsAs: "airC" | "dewC" | "humidityPct" | "rainMm" | "windMPerS" | "gustMPerS" | "cloudPct" | "sunWPerM2" | "surfaceC" | "rainChancePct" | "moisturePct";
        getFirmWeatherSourcesSources: {
            id: string;
            version: number;
            source: {
                name: string;
                /** @enum {string} */
                kind: "forecast" | "observed" | "station" | "meter";
                address: string;
                keyHeader?: string;
                leastMinutes: number;
                map: {
                    /** @enum {string} */
                    format: "json" | "csv";
                    /** @default  */
                    list: string;
                    /** @enum {string} */
                    shape: "rows" | "columns" | "one";
                    time?: string;
                    clock?: string;
                    /**
                     * @default text
                     * @enum {string}
                     */
                    timeIs: "text" | "seconds" | "milliseconds";
                    /**
                     * @default day first
                     * @enum {string}
                     */
                    order: "day first" | "month first";
                    zone: string;
                    /**
                     * @default hour after
                     * @enum {string}
                     */
                    rainOf: "hour after" | "hour before";
                    columns: {
                        name: string;
                        as: components["schemas"]["getFirmWeatherSourcesSourcesSourceMapColumnsAs"];
                        unit: string;
                        /** @default false */
                        members: boolean;
                    }[];
                };
            };
            hasKey: boolean;
            simulated: boolean;
        };
        weatherPlace: {
            latitudeDeg: number;
            longitudeDeg: number;
        };
        getJobsByJobIdReceiptsReceiptsReceiptLentumReceipt: {
            /** @constant */
            format: "lentum-receipt";
            /** @constant */
            version: 1;
            jobId: components["schemas"]["id"];
            entries: number;
            head: string;
            at: components["schemas"]["getJobsByJobIdMorningAt"];
            key: string;
            signature: string;
        };
        getJobsByJobIdHandoverBlocksHeading: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "heading";
            level: 1 | 2 | 3;
            text: string;
        };
        getJobsByJobIdHandoverBlocksText: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "text";
            text: string;
            /**
             * @default plain
             * @enum {string}
             */
            tone: "plain" | "quiet" | "strong" | "done" | "mind" | "stop";
        };
        getJobsByJobIdHandoverBlocksList: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "list";
            items: string[];
        };
        getJobsByJobIdHandoverBlocksFacts: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "facts";
            rows: [
                string,
                string
            ][];
        };
        getJobsByJobIdHandoverBlocksTableRowsCells: string[];
        getJobsByJobIdHandoverBlocksTable: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "table";
            columns: {
                head: string;
                /**
                 * @default left
                 * @enum {string}
                 */
                align: "left" | "right";
                /** @default 0 */
                share: number;
            }[];
            rows: {
                cells: components["schemas"]["getJobsByJobIdHandoverBlocksTableRowsCells"];
                /**
                 * @default plain
                 * @enum {string}
                 */
                tone: "plain" | "part" | "struck" | "strong";
                /** @default [] */
                notes: string[];
            }[];
            total?: components["schemas"]["getJobsByJobIdHandoverBlocksTableRowsCells"];
        };
        drawingFrame2: number;
        drawingShapesPathPoints: [
            components["schemas"]["drawingFrame2"],
            components["schemas"]["drawingFrame2"]
        ];
        /** @enum {string} */
        drawingShapesPathStroke: "ink" | "quiet" | "line" | "done" | "mind" | "stop" | "soft" | "paper" | "film0" | "film1" | "film2" | "film3" | "film4" | "film5" | "damp0" | "damp1" | "damp2";
        drawingShapesPath: {
            /** @constant */
            kind: "path";
            points: components["schemas"]["drawingShapesPathPoints"][];
            closed: boolean;
            stroke?: components["schemas"]["drawingShapesPathStroke"];
            fill?: components["schemas"]["drawingShapesPathStroke"];
            width: components["schemas"]["drawingFrame2"];
            dash?: components["schemas"]["drawingFrame2"][];
        };
        drawingShapesDot: {
            /** @constant */
            kind: "dot";
            at: components["schemas"]["drawingShapesPathPoints"];
            radius: components["schemas"]["drawingFrame2"];
            fill: components["schemas"]["drawingShapesPathStroke"];
        };
        drawingOutputShapes: components["schemas"]["drawingShapesPath"] | components["schemas"]["drawingShapesDot"] | {
            /** @constant */
            kind: "text";
            at: components["schemas"]["drawingShapesPathPoints"];
            text: string;
            size: components["schemas"]["drawingFrame2"];
            /**
             * @default start
             * @enum {string}
             */
            align: "start" | "middle" | "end";
            /** @default false */
            bold: boolean;
            /** @default ink */
            fill: components["schemas"]["drawingShapesPathStroke"];
            turnDeg?: number;
        };
        getJobsByJobIdHandoverBlocksPictures: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "pictures";
            items: {
                sha256: string;
                caption: string;
                /** @default [] */
                shapes: components["schemas"]["drawingOutputShapes"][];
            }[];
        };
        getJobsByJobIdHandoverBlocksContents: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "contents";
            title: string;
        };
        getJobsByJobIdHandoverBlocksBreak: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "break";
            page?: {
                widthMm: number;
                heightMm: number;
            };
        };
        getJobsByJobIdHandover: {
            title: string;
            job: string;
            made: string;
            seal?: string;
            draft?: string;
            /**
             * @default en-GB
             * @enum {string}
             */
            language: "en-GB" | "en-US";
            blocks: (components["schemas"]["getJobsByJobIdHandoverBlocksHeading"] | components["schemas"]["getJobsByJobIdHandoverBlocksText"] | components["schemas"]["getJobsByJobIdHandoverBlocksList"] | components["schemas"]["getJobsByJobIdHandoverBlocksFacts"] | components["schemas"]["getJobsByJobIdHandoverBlocksTable"] | components["schemas"]["drawingOutput"] | components["schemas"]["getJobsByJobIdHandoverBlocksPictures"] | components["schemas"]["getJobsByJobIdHandoverBlocksContents"] | components["schemas"]["getJobsByJobIdHandoverBlocksBreak"] | {
                /** @constant */
                kind: "group";
                blocks: (components["schemas"]["getJobsByJobIdHandoverBlocksHeading"] | components["schemas"]["getJobsByJobIdHandoverBlocksText"] | components["schemas"]["getJobsByJobIdHandoverBlocksList"] | components["schemas"]["getJobsByJobIdHandoverBlocksFacts"] | components["schemas"]["getJobsByJobIdHandoverBlocksTable"] | components["schemas"]["drawingOutput"] | components["schemas"]["getJobsByJobIdHandoverBlocksPictures"] | components["schemas"]["getJobsByJobIdHandoverBlocksContents"] | components["schemas"]["getJobsByJobIdHandoverBlocksBreak"])[];
            })[];
        };
        /**
         * @default A4
         * @enum {string}
         */
        getJobsByJobIdHandoverPdf: "A4" | "Letter" | "A3";
        /**
         * @default false
         * @enum {string}
         */
        getJobsByJobIdHandoverPdf2: "true" | "false";
        /** Format: date */
        crewOff: string;
        getJobsByJobIdStandingDue: {
            /** @enum {string} */
            what: "visit" | "outlets" | "recoat" | "renewal" | "guarantee";
            from: components["schemas"]["crewOff"];
            to: components["schemas"]["crewOff"];
            /** @enum {string} */
            state: "done" | "late" | "due" | "to come";
            entryId?: components["schemas"]["id"];
            zoneId: components["schemas"]["id"];
            zoneName: string;
        };
        getPeopleByPersonIdFilePersonForgottenAt: components["schemas"]["instant"] | null;
        getPeopleByPersonIdFileLogDetail: {
            [key: string]: unknown;
        };
        jobRulesPractice: {
            /** @enum {string} */
            key: "moistureUnprimed" | "moisturePrimed" | "moistureCarbide" | "moistureOven" | "moistureTimber" | "humidityInSlab" | "concreteAgeDays" | "strengthTraffic" | "pullOffTraffic" | "pullOff" | "pondDepth" | "upstandHeight" | "outletProud" | "sameVisitHours" | "sameSpot" | "dryDaysMineral" | "dryDaysOther" | "airReadingMin" | "mixReadingMin" | "moistureReadingH" | "kettleReadingMin" | "fireWatchMin" | "bottleDistance" | "closingLeadH" | "washAfterDays" | "rinseDryMin" | "growthAfterDays" | "floodDepth" | "filmMapReach" | "spotsPer10M2" | "floodReading" | "evaporationOff" | "panOff" | "floodLoss" | "leastShare" | "mostBetween" | "filmsAgreePct" | "coversLeast" | "shimOffPct" | "mostFilmHumidity" | "mostFilmWater" | "mostFilmReaction" | "mostFilmPrimer" | "mostFilmOther" | "overRangePct" | "stretchShare" | "sprayWind" | "rollerPass" | "usualOutput" | "usualCrew" | "mostCrew" | "recoatSpread" | "recoatLeft" | "recoatDark" | "recoatWet" | "recoatSun" | "repairOverlap" | "outletsPerYear";
            value: number;
            says: string;
        }[];
        getFirmPractice: {
            version: number;
            settings: components["schemas"]["jobRulesPractice"];
        };
        /** @enum {string} */
        getSessionAccountFirmRole: "owner" | "estimator" | "foreman" | "applicator" | "inspector";
        getSessionAccountJobRoles: {
            [key: string]: "estimator" | "foreman" | "applicator" | "inspector" | "client";
        };
        getSession: {
            /** @enum {string} */
            mode: "single" | "firm";
            firm?: string;
            account?: {
                id: string;
                personId: string;
                name: string;
                login: string | null;
                firmRole: components["schemas"]["getSessionAccountFirmRole"] | null;
                jobRoles: components["schemas"]["getSessionAccountJobRoles"];
                onlyJob?: string;
            };
            guest?: {
                jobId: string;
                /** @enum {string} */
                opens: "job" | "handover";
                until: string;
            };
        };
        postSessionLogin: string;
        postAccountsByAccountIdCode: {
            code: string;
            until: string;
        };
        getFirmSignatures: {
            since: components["schemas"]["getJobsByJobIdMorningAt"] | null;
        };
        postPasskeysOptions: {
            challenge: string;
        } & {
            [key: string]: unknown;
        };
        postPasskeysSignInResponsePublicKeyId: string;
        postPasskeysSignInResponsePublicKey: {
            id: components["schemas"]["postPasskeysSignInResponsePublicKeyId"];
            rawId: components["schemas"]["postPasskeysSignInResponsePublicKeyId"];
            /** @constant */
            type: "public-key";
            response: {
                clientDataJSON: string;
            } & {
                [key: string]: unknown;
            };
            clientExtensionResults: components["schemas"]["getPeopleByPersonIdFileLogDetail"];
        } & {
            [key: string]: unknown;
        };
        postSessionDeviceCode: {
            onlyJob?: components["schemas"]["id"];
        };
        getLibraryByBuildUpIdFilePapers: {
            sha256: string;
            base64: string;
        };
        postPrintoutsPdfBlocksText: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "text";
            text: string;
            /**
             * @default plain
             * @enum {string}
             */
            tone: "plain" | "quiet" | "strong" | "done" | "mind" | "stop";
        };
        postPrintoutsPdfBlocksTable: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "table";
            columns: {
                head: string;
                /**
                 * @default left
                 * @enum {string}
                 */
                align: "left" | "right";
                /** @default 0 */
                share: number;
            }[];
            rows: {
                cells: components["schemas"]["getJobsByJobIdHandoverBlocksTableRowsCells"];
                /**
                 * @default plain
                 * @enum {string}
                 */
                tone: "plain" | "part" | "struck" | "strong";
                /** @default [] */
                notes: string[];
            }[];
            total?: components["schemas"]["getJobsByJobIdHandoverBlocksTableRowsCells"];
        };
        drawingShapes: components["schemas"]["drawingShapesPath"] | components["schemas"]["drawingShapesDot"] | {
            /** @constant */
            kind: "text";
            at: components["schemas"]["drawingShapesPathPoints"];
            text: string;
            size: components["schemas"]["drawingFrame2"];
            /**
             * @default start
             * @enum {string}
             */
            align: "start" | "middle" | "end";
            /** @default false */
            bold: boolean;
            /** @default ink */
            fill: components["schemas"]["drawingShapesPathStroke"];
            turnDeg?: number;
        };
        postPrintoutsPdfBlocksPictures: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "pictures";
            items: {
                sha256: string;
                caption: string;
                /** @default [] */
                shapes: components["schemas"]["drawingShapes"][];
            }[];
        };
        getTasksByTaskId: {
            id: string;
            /** @enum {string} */
            state: "waiting" | "working" | "done" | "failed" | "cancelled";
            share: number;
            doing: string;
            says?: string;
            file?: {
                name: string;
                mediaType: string;
                bytes: number;
            };
            answer: unknown;
        };
        orderLineProblems: components["schemas"]["problem"][];
        /** @enum {string} */
        ownWayKinds: "bar" | "blister" | "board-joint" | "day-joint" | "drip" | "external-corner" | "fasteners" | "fillet" | "flanged-vent" | "gutter" | "internal-corner" | "kerb" | "movement-joint" | "moving-crack" | "outlet" | "parapet" | "patch" | "pipe" | "pipe-cluster" | "post" | "ridge" | "scupper" | "sheet-lap" | "split" | "stairs" | "static-crack" | "support" | "threshold" | "tie-in" | "upstand" | "wall-end" | "wall-foot";
        zoneQuantitiesRing2: [
            number,
            number
        ];
        zoneQuantitiesRing: components["schemas"]["zoneQuantitiesRing2"][];
        postComputeMixSurface: {
            tempC: number;
            at: components["schemas"]["instant"];
        };
        surveyUnderlayXM: number;
        outlinePoints2: [
            components["schemas"]["surveyUnderlayXM"],
            components["schemas"]["surveyUnderlayXM"]
        ];
        postComputeDewPoint: {
            airC: number;
            humidityPct: number;
            surfaceC: number;
        };
        outlineLegsLengthM: number;
        outlineLegs: {
            lengthM: components["schemas"]["outlineLegsLengthM"];
            turnDeg: number;
            /** @enum {string} */
            turn: "left" | "right";
        }[];
        /** @enum {string} */
        zoneFamily: "PU1" | "PU-DECK" | "PMMA" | "TRAFFIC" | "ACRYLIC" | "RESTORE" | "SILICONE" | "BITEM" | "CEMENT" | "METAL" | "PU-PRIMED" | "SA2" | "TORCH2" | "HOT" | "POCKET" | "TRAFFIC2" | "SINGLE" | "WARM" | "GRP" | "FELT";
        /** @enum {string} */
        acceptanceRule: "average-and-spots" | "mean-and-share" | "minimum";
        /** @enum {string} */
        entryFirstFormGauge: "fine" | "middle" | "deep" | "probe" | "mil-fine" | "mil-middle" | "mil-deep" | "mil-probe";
        conditionJudgementChecks: components["schemas"]["conditionCheck"][];
        tapedSolutionCheckingDiagonal: {
            /** @constant */
            kind: "diagonal";
            index: number;
            from: number;
            to: number;
        };
        tapedSolutionCheckingSide: {
            /** @constant */
            kind: "side";
            side: number;
        };
        tapedSolutionCheckingSquare: {
            /** @constant */
            kind: "square";
            corner: number;
        };
        readinessPrimerSays: components["schemas"]["part"][];
        takeoffIdle: {
            id: string;
            item: string;
            name: string;
            amount: number;
            opened: boolean;
            /** @enum {string} */
            unit?: "mass" | "volume";
            bestBefore?: string;
        };
        hotCareBefore: components["schemas"]["readinessPrimerSays"][];
        surveyOrigin: {
            lonDeg: number;
            latDeg: number;
            bearingDeg?: number;
        };
        surveyUnderlay: {
            fileId: components["schemas"]["id"];
            name: components["schemas"]["name"];
            widthPx: number;
            heightPx: number;
            metresPerPx: number;
            xM: components["schemas"]["surveyUnderlayXM"];
            yM: components["schemas"]["surveyUnderlayXM"];
            opacity: number;
        };
        /**
         * @default {
         *       "xM": 0,
         *       "yM": 0,
         *       "turnDeg": 0
         *     }
         */
        zonePlot: {
            xM: components["schemas"]["surveyUnderlayXM"];
            yM: components["schemas"]["surveyUnderlayXM"];
            turnDeg: number;
        };
        /** @default [] */
        zoneSides: {
            edge: components["schemas"]["edge"];
            riseM: components["schemas"]["surveyUnderlayXM"];
        }[];
        zoneSubstrate: {
            /** @enum {string} */
            kind: "concrete-new" | "concrete-old" | "screed" | "boards" | "metal" | "asphalt" | "bitumen-smooth" | "bitumen-granules" | "gravelled-felt" | "pvc-sheet" | "tpo-sheet" | "rubber-sheet" | "fibreglass" | "foam" | "tiles" | "acrylic-coating" | "polyurethane-coating" | "bitumen-coating" | "silicone";
            laidOn?: components["schemas"]["zoneSubstrateLaidOn"];
            /** @enum {string} */
            colour?: "light" | "middling" | "dark";
            sunShare?: number;
        };
        /** @default [] */
        zoneFindings: {
            item: string;
            /** @enum {string} */
            answer: "yes" | "no" | "not looked at";
            amount?: number;
            note: string;
        }[];
        /** @enum {string} */
        zoneTestsKind: "moisture" | "humidity" | "sheet" | "profile" | "strength" | "pull-off" | "strip-pull" | "slip" | "core" | "tack";
        /** @enum {string} */
        zoneTestsScale: "scale of the meter" | "carbide test, % by mass" | "oven-dried, % by mass" | "timber, % by mass";
        zoneTestsAt: {
            alongM: components["schemas"]["surveyUnderlayXM"];
            acrossM: components["schemas"]["surveyUnderlayXM"];
        };
        zoneDeckLoad: {
            kgPerM2: number;
            says: string;
        };
        outlinePoints: components["schemas"]["outlinePoints2"][];
        /**
         * @default roof-light
         * @enum {string}
         */
        openingKind: "roof-light" | "stair-head" | "hatch" | "plinth" | "machine" | "void";
        openingShape: {
            /** @constant */
            kind: "rectangle";
            alongM: components["schemas"]["surveyUnderlayXM"];
            acrossM: components["schemas"]["surveyUnderlayXM"];
            lengthM: components["schemas"]["outlineLegsLengthM"];
            widthM: components["schemas"]["outlineLegsLengthM"];
        } | {
            /** @constant */
            kind: "circle";
            alongM: components["schemas"]["surveyUnderlayXM"];
            acrossM: components["schemas"]["surveyUnderlayXM"];
            diameterM: components["schemas"]["outlineLegsLengthM"];
        } | {
            /** @constant */
            kind: "points";
            points: components["schemas"]["outlinePoints"];
        };
        /** @default [] */
        buildUpsZonesConditions: ("slope" | "ramp" | "rough" | "absorbent")[];
        /** @default {} */
        buildUpsZonesChoices: {
            [key: string]: components["schemas"]["id"];
        };
        buildUpTaken: {
            revision: number;
        };
        buildUpLeastDryFilmMm: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        buildUpSlopeMaxPct: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /** @default [] */
        buildUpChoices: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            options: {
                id: components["schemas"]["id"];
                name: components["schemas"]["name"];
                says: string;
            }[];
            chosen: components["schemas"]["id"];
        }[];
        buildUpDetailWaysPastMm: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        buildUpDetailWaysGranulesKgPerM2: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        buildUpDetailWays: {
            kinds: ("upstand" | "fillet" | "internal-corner" | "external-corner" | "parapet" | "bar" | "kerb" | "threshold" | "drip" | "gutter" | "movement-joint" | "tie-in" | "day-joint" | "wall-end" | "wall-foot" | "ridge" | "outlet" | "scupper" | "pipe" | "pipe-cluster" | "post" | "support" | "board-joint" | "static-crack" | "moving-crack" | "sheet-lap" | "fasteners" | "blister" | "split" | "patch" | "flanged-vent" | "stairs")[];
            coatId: components["schemas"]["id"];
            /** @enum {string} */
            form: "bedded pieces" | "coats alone" | "stripe" | "three courses" | "thick patch" | "liquid flashing";
            coats?: number;
            widthMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            pastMm?: components["schemas"]["buildUpDetailWaysPastMm"];
            cutFrom?: components["schemas"]["id"];
            granulesKgPerM2?: components["schemas"]["buildUpDetailWaysGranulesKgPerM2"];
            abrade?: boolean;
        }[];
        buildUpUpkeepRecoatYears: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        buildUpUpkeepLifeYears: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        buildUpUpkeepInspectPerYear: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /** @default [] */
        buildUpPapers: {
            id: components["schemas"]["id"];
            /** @enum {string} */
            kind: "data sheet" | "application instructions" | "safety sheet";
            title: components["schemas"]["name"];
            date: components["schemas"]["zoneSubstrateLaidOn"];
            layerIds: components["schemas"]["id"][];
            file?: {
                sha256: string;
                name: components["schemas"]["name"];
                /** @enum {string} */
                mime: "application/pdf" | "image/png" | "image/jpeg";
                bytes: number;
            };
        }[];
        layerOnly: {
            choice: components["schemas"]["id"];
            option: components["schemas"]["id"];
        };
        layerOutputM2PerH: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerProductShelfLifeMonths: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerProductOpenedDays: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /** @default [] */
        layerProductHazards: ("flammable" | "sensitising" | "irritant" | "eye damage" | "corrosive" | "toxic" | "oxidising" | "harms water" | "dust" | "hot" | "open flame" | "heavy")[];
        layerProduct: {
            name?: components["schemas"]["name"];
            shelfLifeMonths?: components["schemas"]["layerProductShelfLifeMonths"];
            openedDays?: components["schemas"]["layerProductOpenedDays"];
            hazards?: components["schemas"]["layerProductHazards"];
            /** @default [] */
            cautions: string[];
            /** @enum {string} */
            cleaner?: "water" | "solvent" | "resin cleaner" | "wiped dry" | "oil cleaner";
        };
        /** @enum {string} */
        layerChemistry: "polyurethane, aromatic" | "polyurethane, aliphatic" | "methacrylate" | "epoxy" | "acrylic" | "silicone" | "bitumen emulsion" | "bitumen, hot" | "bitumen sheet" | "aluminium bitumen" | "cement, flexible" | "hybrid polymer" | "solvent primer" | "water-based primer" | "sealer, pourable" | "polyester resin" | "bitumen adhesive" | "contact adhesive" | "rubber sheet" | "thermoplastic sheet";
        /** @enum {string} */
        layerRole: "preparation" | "primer" | "levelling" | "membrane" | "wear" | "decorative" | "finish" | "reflective";
        layerFillsFromFallPct: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerRateRange: {
            from: number;
            to: number;
        };
        layerRateTolerancePct: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerRateLeast: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
            why: string;
        };
        layerRateMost: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
            why: string;
        };
        layerSays: {
            wetFilmMm?: components["schemas"]["buildUpLeastDryFilmMm"];
            dryFilmMm?: components["schemas"]["buildUpLeastDryFilmMm"];
        };
        layerDensityKgPerL: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerVolumeSolids: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerVolatileKgPerL: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerContainersPrice: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerContainers: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            /** @enum {string} */
            basis: "mass" | "volume";
            net: number;
            price?: components["schemas"]["layerContainersPrice"];
        }[];
        layerMixPartsDensityKgPerL: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerMixPartsPackKg: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerMixParts: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            /** @enum {string} */
            kind: "resin" | "hardener" | "liquid" | "powder" | "filler" | "pigment" | "water" | "thickener" | "sealer";
            parts: number;
            densityKgPerL: components["schemas"]["layerMixPartsDensityKgPerL"];
            packKg?: components["schemas"]["layerMixPartsPackKg"];
            packPrice?: components["schemas"]["layerContainersPrice"];
        }[];
        layerLargestMixKg: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerCatalystPoints: {
            fromC: number;
            toC: number;
            percent: number;
        }[];
        layerThickener: {
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
            name: components["schemas"]["name"];
            points: {
                fromSlopePct: number;
                percent: number;
            }[];
            trialMinutes: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            densityKgPerL?: components["schemas"]["layerMixPartsDensityKgPerL"];
        };
        layerThinningMostPct: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerStirringRpm: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerPotLife: {
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
            points: {
                atC: number;
                minutes: number;
                range?: components["schemas"]["layerRateRange"];
            }[];
        };
        layerKettleApplyMinC: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerKettleProbeEveryM2: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerKettle: {
            applyMinC: components["schemas"]["layerKettleApplyMinC"];
            safeMaxC: components["schemas"]["layerKettleApplyMinC"];
            hoursAtHeat: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            probeEveryM2: components["schemas"]["layerKettleProbeEveryM2"];
            meltKgPerH?: components["schemas"]["layerMixPartsPackKg"];
            loadKg?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
        };
        /** @description What every __schema95 has */
        layerToolsHead: {
            /** @default  */
            note: string;
        };
        layerToolsPassMm: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerToolsNotchMm: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerToolsAngleDeg: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerToolsTipMm: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerToolsPressureBar: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerToolsOverlapPct: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerTools: (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "roller";
            napMm?: components["schemas"]["buildUpUpkeepRecoatYears"];
            passMm?: components["schemas"]["layerToolsPassMm"];
        }) | (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "brush";
        }) | (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "broom";
        }) | (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "squeegee";
        }) | (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "notched trowel";
            /** @enum {string} */
            shape: "square" | "triangular";
            notchMm: components["schemas"]["layerToolsNotchMm"];
            angleDeg: components["schemas"]["layerToolsAngleDeg"];
        }) | (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "trowel";
        }) | (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "spike roller";
            pinMm?: components["schemas"]["buildUpUpkeepRecoatYears"];
        }) | (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "airless spray";
            tipMm: components["schemas"]["layerToolsTipMm"];
            fanDeg?: components["schemas"]["layerProductShelfLifeMonths"];
            pressureBar: components["schemas"]["layerToolsPressureBar"];
            overlapPct: components["schemas"]["layerToolsOverlapPct"];
        }) | (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "gas torch";
        }) | (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "hot squeegee";
        }) | (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "hand roller";
            massKg?: components["schemas"]["buildUpLeastDryFilmMm"];
        }) | (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "pouring jug";
        }) | (components["schemas"]["layerToolsHead"] & {
            /** @constant */
            kind: "cartridge gun";
        });
        /**
         * @default any
         * @enum {string}
         */
        layerDirection: "any" | "across the coat below" | "across the fall" | "up the slope";
        layerCureTouchByHumidityPct: {
            at: number;
            factor: number;
        }[];
        layerCureTouch: {
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
            points: {
                atC: number;
                hours: number;
                range?: components["schemas"]["layerRateRange"];
            }[];
            byHumidityPct?: components["schemas"]["layerCureTouchByHumidityPct"];
            byWetFilmMm?: components["schemas"]["layerCureTouchByHumidityPct"];
        };
        layerCure: {
            touch: components["schemas"]["layerCureTouch"];
            rainSafe: components["schemas"]["layerCureTouch"];
            overcoatFrom: components["schemas"]["layerCureTouch"];
            overcoatUntil?: components["schemas"]["layerCureTouch"];
            foot: components["schemas"]["layerCureTouch"];
            wheels?: components["schemas"]["layerCureTouch"];
            full?: components["schemas"]["layerCureTouch"];
            flood?: components["schemas"]["layerCureTouch"];
            load?: components["schemas"]["layerCureTouch"];
        };
        /** @enum {string} */
        layerMissed2: "overcoatUntil" | "overcoatFrom" | "rainSafe" | "dewMargin" | "surfaceMin" | "surfaceMax" | "humidity" | "wind" | "moisture" | "noBelow" | "potLife" | "leastRate" | "mostRate" | "foot" | "wheels";
        layerMissed: {
            [key: string]: string;
        };
        layerRemedies: {
            [key: string]: {
                /** @enum {string} */
                does: "look" | "wait" | "dry" | "wash" | "wipe" | "sweep" | "abrade" | "test" | "cut out" | "prime" | "coat" | "patch" | "warm and roll" | "throw away";
                says: string;
                layerId?: components["schemas"]["id"];
                product?: components["schemas"]["name"];
                rate?: {
                    /** @enum {string} */
                    basis: "mass" | "volume";
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["id"];
                };
                part?: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["id"];
                };
                tool?: string;
                dwellMin?: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["id"];
                };
                dryH?: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["id"];
                };
            }[];
        };
        layerRollWidthM: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerSideLapMm: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerReachMmUpstand: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerReachMm: {
            upstand?: components["schemas"]["layerReachMmUpstand"];
            parapet?: components["schemas"]["layerReachMmUpstand"];
            threshold?: components["schemas"]["layerReachMmUpstand"];
            drip?: components["schemas"]["layerReachMmUpstand"];
            gutter?: components["schemas"]["layerReachMmUpstand"];
            joint?: components["schemas"]["layerReachMmUpstand"];
            "tie-in"?: components["schemas"]["layerReachMmUpstand"];
            free?: components["schemas"]["layerReachMmUpstand"];
            "wall-top"?: components["schemas"]["layerReachMmUpstand"];
            footing?: components["schemas"]["layerReachMmUpstand"];
            opening?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
        };
        layerOtherRolls: {
            lengthM: components["schemas"]["layerProductOpenedDays"];
            price?: components["schemas"]["layerContainersPrice"];
        }[];
        layerThrownKgPerM2: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerBagKg: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerWeightKgPerM2: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerStaggerMm: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerSeam: {
            /** @enum {string} */
            kind: "hot-air weld" | "tape" | "adhesive";
            widthMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
        };
        layerFasteners: {
            fieldPerM2: components["schemas"]["buildUpUpkeepRecoatYears"];
            perimeterPerM2: components["schemas"]["buildUpUpkeepRecoatYears"];
            cornerPerM2: components["schemas"]["buildUpUpkeepRecoatYears"];
            perimeterM: components["schemas"]["layerThrownKgPerM2"];
        };
        layerTemporaryNails: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        layerRelaxMinutes: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /** @enum {string} */
        layerMaterial: "board" | "insulation board" | "fleece" | "drainage mat" | "sheet" | "pavers" | "mortar" | "gravel" | "soil build-up";
        layerPieces: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            /** @enum {string} */
            shape: "round" | "rounded corner" | "straight";
            sizeMm: components["schemas"]["layerMixPartsPackKg"];
            massKg?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
            price?: components["schemas"]["layerContainersPrice"];
        }[];
        limitsAirMinC: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        detailRulesFootMm: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /** @enum {string} */
        detailRulesSealantOf: "polyurethane, aromatic" | "polyurethane, aliphatic" | "methacrylate" | "epoxy" | "acrylic" | "silicone" | "bitumen emulsion" | "bitumen, hot" | "bitumen sheet" | "aluminium bitumen" | "cement, flexible" | "hybrid polymer" | "solvent primer" | "water-based primer" | "sealer, pourable" | "polyester resin" | "bitumen adhesive" | "contact adhesive" | "rubber sheet" | "thermoplastic sheet";
        orderWastePctLiquid: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 0.15,
         *       "source": "typical"
         *     }
         */
        orderProfileLPerM2: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 700,
         *       "source": "typical"
         *     }
         */
        orderPalletKg: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /** @default [] */
        orderStock: {
            id: components["schemas"]["id"];
            item: string;
            name: components["schemas"]["name"];
            amount: number;
            /** @enum {string} */
            unit?: "mass" | "volume";
            opened: boolean;
            bestBefore?: components["schemas"]["zoneSubstrateLaidOn"];
        }[];
        /** @default [] */
        orderDeliveries: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            on: components["schemas"]["zoneSubstrateLaidOn"];
            usedBy: components["schemas"]["zoneSubstrateLaidOn"];
            zoneIds: components["schemas"]["id"][];
        }[];
        /** @default [] */
        orderSheets: {
            id: components["schemas"]["id"];
            calculator: string;
            name: components["schemas"]["name"];
            values: {
                [key: string]: number | string;
            };
        }[];
        /**
         * @default {
         *       "value": 5,
         *       "source": "typical"
         *     }
         */
        orderSuppliesSeasonFromC: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 25,
         *       "source": "typical"
         *     }
         */
        orderSuppliesSeasonToC: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 10,
         *       "source": "typical"
         *     }
         */
        orderSuppliesReservePct: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 0.03,
         *       "source": "typical"
         *     }
         */
        orderSuppliesWashLPerM2: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 0.25,
         *       "source": "typical"
         *     }
         */
        orderSuppliesDegreaserLPerM2: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 2,
         *       "source": "typical"
         *     }
         */
        orderSuppliesRepairMortarKgPerL: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 1.7,
         *       "source": "typical"
         *     }
         */
        orderSuppliesFillerKgPerL: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 1,
         *       "source": "typical"
         *     }
         */
        orderSuppliesCleanerLPerToolDay: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 2,
         *       "source": "typical"
         *     }
         */
        orderSuppliesMaskings: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 0.25,
         *       "source": "typical"
         *     }
         */
        orderSuppliesTorchGasKgPerM2: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 0.05,
         *       "source": "typical"
         *     }
         */
        orderSuppliesKettleGasKgPerKg: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 0.4,
         *       "source": "typical"
         *     }
         */
        orderSuppliesSeamAdhesiveKgPerM2: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        orderOffersLines: {
            item: string;
            packId: components["schemas"]["id"];
            name: components["schemas"]["name"];
            pack: components["schemas"]["name"];
            price: string;
        }[];
        /**
         * @default {
         *       "value": 33,
         *       "source": "typical"
         *     }
         */
        coursesRulesUpSlopeAbovePct: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 0,
         *       "source": "typical"
         *     }
         */
        coursesRulesReachMmUpstand: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 20,
         *       "source": "typical"
         *     }
         */
        coursesRulesReachMmDrip: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 50,
         *       "source": "typical"
         *     }
         */
        coursesRulesReachMmGutter: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": -10,
         *       "source": "typical"
         *     }
         */
        coursesRulesReachMmJoint: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 150,
         *       "source": "typical"
         *     }
         */
        coursesRulesReachMmTieIn: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 10,
         *       "source": "typical"
         *     }
         */
        coursesRulesOpeningClearMm: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 0.5,
         *       "source": "typical"
         *     }
         */
        coursesRulesOutletClearM: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 1,
         *       "source": "typical"
         *     }
         */
        coursesRulesLeastPieceM: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 150,
         *       "source": "typical"
         *     }
         */
        coursesRulesLeastTopMm: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 0.3,
         *       "source": "typical"
         *     }
         */
        coursesRulesStaggerM: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 0.3,
         *       "source": "typical"
         *     }
         */
        coursesRulesLeastBoardM: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 0.2,
         *       "source": "typical"
         *     }
         */
        coursesRulesLapPrimerKgPerM2: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 200,
         *       "source": "typical"
         *     }
         */
        coursesRulesRidgeReachMm: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default by the fall
         * @enum {string}
         */
        coursePlanWay: "by the fall" | "across the fall" | "up the fall" | "along a side";
        /** @default [] */
        coursePlanKeepOff: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            alongM: number;
            acrossM: number;
            lengthM: number;
            widthM: number;
        }[];
        programmeHoursFrom: string;
        /**
         * @default [
         *       1,
         *       2,
         *       3,
         *       4,
         *       5
         *     ]
         */
        programmeHoursDays: number[];
        /**
         * @default {
         *       "value": 20,
         *       "source": "typical"
         *     }
         */
        programmeTimesSetUpMin: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /**
         * @default {
         *       "value": 10,
         *       "source": "typical"
         *     }
         */
        programmeTimesChangeMin: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /** @default {} */
        programmeTimesStepMin: {
            [key: string]: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
        };
        /** @default [] */
        programmeCosts: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            price: components["schemas"]["layerContainersPrice"];
            /** @enum {string} */
            per: "once" | "day of work" | "day of a crew" | "day on site" | "week begun";
        }[];
        programmeCostsAddPct: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /** @default [] */
        programmeApart: {
            zoneIds: components["schemas"]["id"][];
        }[];
        /** @default [] */
        programmeFloods: {
            zoneId: components["schemas"]["id"];
            hours: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["id"];
            };
        }[];
        /** @default [] */
        programmePins: {
            taskId: string;
            crewId?: components["schemas"]["id"];
            startAt?: components["schemas"]["instant"];
        }[];
        programmeKept: {
            plannedAt: components["schemas"]["instant"];
            finishAt?: components["schemas"]["instant"];
            tasks: {
                taskId: string;
                crewId: components["schemas"]["id"];
                startAt: components["schemas"]["instant"];
                endAt: components["schemas"]["instant"];
            }[];
        };
        /** @default [] */
        crewSkills: ("torch" | "kettle" | "spray" | "catalysed")[];
        crewRatePerH: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        provingDemandsSlip: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["id"];
        };
        /** @default [] */
        provingGuaranteesDemands: ("ground" | "preparation" | "details" | "seen" | "weather" | "times" | "below" | "hot" | "film" | "aggregate" | "missed" | "openings" | "layers" | "dryFilm" | "bond" | "slip" | "leak" | "pictures" | "snags" | "accepted")[];
        siteCuts: {
            zoneId: components["schemas"]["id"];
            layerId: components["schemas"]["id"];
            by: components["schemas"]["name"];
            coversM2: number;
        }[];
        /** @default [] */
        siteAccess: {
            zoneId: components["schemas"]["id"];
            at: components["schemas"]["zoneTestsAt"];
        }[];
        weatherColumnsRainChancePct: (number | null)[];
        entryFirstFormLeftOver: {
            /** @enum {string} */
            basis: "mass" | "volume";
            value: number;
        };
        entrySecondFormBodyNote: string;
        entrySecondFormBodyRevision: number;
        entrySecondFormBodyTeethMm: number[];
        entrySecondFormHeadMarksFrom: [
            number,
            number
        ];
        drawingFrame: [
            components["schemas"]["drawingFrame2"],
            components["schemas"]["drawingFrame2"],
            components["schemas"]["drawingFrame2"],
            components["schemas"]["drawingFrame2"]
        ];
        layerOutputProduct: {
            name?: components["schemas"]["name"];
            shelfLifeMonths?: components["schemas"]["layerProductShelfLifeMonths"];
            openedDays?: components["schemas"]["layerProductOpenedDays"];
            hazards: components["schemas"]["layerProductHazards"];
            /** @default [] */
            cautions: string[];
            /** @enum {string} */
            cleaner?: "water" | "solvent" | "resin cleaner" | "wiped dry" | "oil cleaner";
        };
        /** @description What every __schema395 has */
        layerOutputToolsHead: {
            /** @default  */
            note: string;
        };
        layerOutputTools: (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "roller";
            napMm?: components["schemas"]["buildUpUpkeepRecoatYears"];
            passMm?: components["schemas"]["layerToolsPassMm"];
        }) | (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "brush";
        }) | (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "broom";
        }) | (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "squeegee";
        }) | (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "notched trowel";
            /** @enum {string} */
            shape: "square" | "triangular";
            notchMm: components["schemas"]["layerToolsNotchMm"];
            angleDeg: components["schemas"]["layerToolsAngleDeg"];
        }) | (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "trowel";
        }) | (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "spike roller";
            pinMm?: components["schemas"]["buildUpUpkeepRecoatYears"];
        }) | (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "airless spray";
            tipMm: components["schemas"]["layerToolsTipMm"];
            fanDeg?: components["schemas"]["layerProductShelfLifeMonths"];
            pressureBar: components["schemas"]["layerToolsPressureBar"];
            overlapPct: components["schemas"]["layerToolsOverlapPct"];
        }) | (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "gas torch";
        }) | (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "hot squeegee";
        }) | (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "hand roller";
            massKg?: components["schemas"]["buildUpLeastDryFilmMm"];
        }) | (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "pouring jug";
        }) | (components["schemas"]["layerOutputToolsHead"] & {
            /** @constant */
            kind: "cartridge gun";
        });
    };
    responses: {
        /** @description What is wrong, in sentences (RFC 9457) */
        Problem: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
    };
    parameters: {
        jobId: string;
        /** @description The version that is changed, as its ETag has it */
        ifMatch: string;
        seriesId: string;
        sourceId: string;
        entryId: string;
        personId: string;
        sha256: string;
        accountId: string;
        passkeyId: string;
        sessionId: string;
        linkId: string;
        buildUpId: string;
        revision: string;
        taskId: string;
        instrumentId: string;
    };
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    getJobs: {
        parameters: {
            query?: {
                archived?: "true" | "false";
                after?: string;
                q?: string;
                limit?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        jobs: {
                            id: string;
                            version: number;
                            archived: boolean;
                            createdAt: string;
                            job: components["schemas"]["jobHeadOutput"];
                            entries: number;
                            handedOver: boolean;
                        }[];
                        next?: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobId: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getJobsByJobId"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobId: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["jobHead"];
            };
        };
        responses: {
            /** @description Changed, or there already */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getJobsByJobId"];
                };
            };
            /** @description Started */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Somebody else changed it */
            412: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdArchived: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    archived: boolean;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        archived: boolean;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdSurvey: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["surveyOutput"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdSurvey: {
        parameters: {
            query?: never;
            header: {
                /** @description The version that is changed, as its ETag has it */
                "If-Match": components["parameters"]["ifMatch"];
            };
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["survey"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdSurvey"];
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdPlanGeojson: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/geo+json": {
                        /** @constant */
                        type: "FeatureCollection";
                        features: {
                            /** @constant */
                            type: "Feature";
                            id: string;
                            properties: {
                                name: string;
                                code: string;
                                area_m2: number;
                                perimeter_m: number;
                            };
                            geometry: {
                                /** @constant */
                                type: "Polygon";
                                coordinates: components["schemas"]["getJobsByJobIdPlanGeojsonApplicationGeoJsonFeaturesGeometryCoordinates"][][];
                            };
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdPlanJson: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** @constant */
                        format: "lentum-plan";
                        /** @constant */
                        version: 1;
                        frame: {
                            /** @constant */
                            name: "local";
                            /** @constant */
                            unit: "m";
                            x: string;
                            y: string;
                        };
                        zones: {
                            id: string;
                            name: string;
                            code: string;
                            area_m2: number;
                            perimeter_m: number;
                            rings: components["schemas"]["getJobsByJobIdPlanGeojsonApplicationGeoJsonFeaturesGeometryCoordinates"][][];
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdPlanDxf: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/vnd.dxf": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdAreasCsv: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdBuildUp: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["buildUpsOutput"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdBuildUp: {
        parameters: {
            query?: never;
            header: {
                /** @description The version that is changed, as its ETag has it */
                "If-Match": components["parameters"]["ifMatch"];
            };
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["buildUps"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdSurvey"];
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdOrder: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["orderOutput"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdOrder: {
        parameters: {
            query?: never;
            header: {
                /** @description The version that is changed, as its ETag has it */
                "If-Match": components["parameters"]["ifMatch"];
            };
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["order"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdSurvey"];
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdOrderCsv: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdCoursesCsv: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdPiecesCsv: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdProgramme: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["programmeOutput"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdProgramme: {
        parameters: {
            query?: never;
            header: {
                /** @description The version that is changed, as its ETag has it */
                "If-Match": components["parameters"]["ifMatch"];
            };
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["programme"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdSurvey"];
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdProving: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["provingOutput"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdProving: {
        parameters: {
            query?: never;
            header: {
                /** @description The version that is changed, as its ETag has it */
                "If-Match": components["parameters"]["ifMatch"];
            };
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["proving"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdSurvey"];
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getBatches: {
        parameters: {
            query: {
                batch: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        written: string[];
                        like: string[];
                        uses: {
                            jobId: string;
                            job: string;
                            seq: number;
                            entryId: string;
                            kind: string;
                            at: string;
                            who: string;
                            zoneId?: string;
                            zone: string;
                            bays: string[];
                            says: string;
                        }[];
                        more: boolean;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdDays: {
        parameters: {
            query?: {
                at?: components["schemas"]["instant"];
                tries?: number;
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getJobsByJobIdDays"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeProgramme: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": string;
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getJobsByJobIdDays"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdProgrammeIcs: {
        parameters: {
            query?: {
                crew?: components["schemas"]["id"];
                for?: "crews" | "client";
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/calendar": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdSite: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["siteOutput"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdSite: {
        parameters: {
            query?: never;
            header: {
                /** @description The version that is changed, as its ETag has it */
                "If-Match": components["parameters"]["ifMatch"];
            };
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["site"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdSurvey"];
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdToday: {
        parameters: {
            query?: {
                at?: components["schemas"]["instant"];
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getJobsByJobIdToday"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdClosingsIcs: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/calendar": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdMorning: {
        parameters: {
            query?: {
                at?: components["schemas"]["instant"];
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        at: components["schemas"]["getJobsByJobIdMorningAt"];
                        timeZone: string;
                        bays: {
                            all: components["schemas"]["getJobsByJobIdMorningBaysAll"];
                            done: components["schemas"]["getJobsByJobIdMorningBaysAll"];
                        };
                        urgent: components["schemas"]["getJobsByJobIdMorningUrgent"];
                        now: components["schemas"]["getJobsByJobIdMorningUrgent"];
                        waits: components["schemas"]["getJobsByJobIdMorningUrgent"];
                        closes?: components["schemas"]["getJobsByJobIdMorningCloses"];
                        opens?: components["schemas"]["getJobsByJobIdMorningCloses"];
                        delivery?: {
                            on: components["schemas"]["zoneSubstrateLaidOn"];
                            name: string;
                        };
                        last?: {
                            at: components["schemas"]["getJobsByJobIdMorningAt"];
                            who: string;
                            says: string;
                        };
                        weather?: {
                            airC?: number;
                            rainMm?: number;
                            rainFrom?: components["schemas"]["getJobsByJobIdMorningAt"];
                            mostWindMPerS?: number;
                        };
                        order: components["schemas"]["getJobsByJobIdPlanGeojsonApplicationGeoJsonFeaturesGeometryCoordinates"];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdWeather: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["weatherOutput"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdWeather: {
        parameters: {
            query?: never;
            header: {
                /** @description The version that is changed, as its ETag has it */
                "If-Match": components["parameters"]["ifMatch"];
            };
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["weather"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdSurvey"];
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdWeatherSeries: {
        parameters: {
            query?: {
                from?: components["schemas"]["instant"];
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        series: components["schemas"]["weatherSeriesOutput"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postJobsByJobIdWeatherFetch: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        fresh: boolean;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdWeatherReading: {
        parameters: {
            query?: {
                zone?: components["schemas"]["id"];
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        instrument: string;
                        simulated: boolean;
                        at: string;
                        airC?: number;
                        humidityPct?: number;
                        windMPerS?: number;
                        surfaceC?: number;
                        problem?: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdWeatherReadings: {
        parameters: {
            query?: {
                zone?: components["schemas"]["id"];
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/event-stream": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdWeatherSeriesBySeriesId: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
                seriesId: components["parameters"]["seriesId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["weatherSeries"];
            };
        };
        responses: {
            /** @description Was there already */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdWeatherSeriesBySeriesId"];
                };
            };
            /** @description Added */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Another series has this id */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postJobsByJobIdWeatherSeriesBySeriesIdWithdraw: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
                seriesId: components["parameters"]["seriesId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdWeatherSeriesBySeriesId"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getFirmWeatherHosts: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getFirmWeatherHosts"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postFirmWeatherHostsAllow: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postFirmWeatherHostsAllow"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getFirmWeatherHosts"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postFirmWeatherHostsDisallow: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postFirmWeatherHostsAllow"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getFirmWeatherHosts"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getFirmWeatherSources: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        sources: components["schemas"]["getFirmWeatherSourcesSources"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putFirmWeatherSourcesBySourceId: {
        parameters: {
            query?: never;
            header: {
                /** @description The version that is changed, as its ETag has it */
                "If-Match": components["parameters"]["ifMatch"];
            };
            path: {
                sourceId: components["parameters"]["sourceId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    source: {
                        name: string;
                        /** @enum {string} */
                        kind: "forecast" | "observed" | "station" | "meter";
                        address: string;
                        keyHeader?: string;
                        leastMinutes: number;
                        map: {
                            /** @enum {string} */
                            format: "json" | "csv";
                            /** @default  */
                            list?: string;
                            /** @enum {string} */
                            shape: "rows" | "columns" | "one";
                            time?: string;
                            clock?: string;
                            /**
                             * @default text
                             * @enum {string}
                             */
                            timeIs?: "text" | "seconds" | "milliseconds";
                            /**
                             * @default day first
                             * @enum {string}
                             */
                            order?: "day first" | "month first";
                            zone: string;
                            /**
                             * @default hour after
                             * @enum {string}
                             */
                            rainOf?: "hour after" | "hour before";
                            columns: {
                                name: string;
                                as: components["schemas"]["getFirmWeatherSourcesSourcesSourceMapColumnsAs"];
                                unit: string;
                                /** @default false */
                                members?: boolean;
                            }[];
                        };
                    };
                    key?: string | null;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getFirmWeatherSourcesSources"];
                };
            };
            /** @description Another source has this name */
            409: components["responses"]["Problem"];
            /** @description Somebody else changed it */
            412: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postFirmWeatherSourcesBySourceIdPutAway: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                sourceId: components["parameters"]["sourceId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdWeatherSeriesBySeriesId"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postFirmWeatherSourcesTry: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    source: {
                        /** @enum {string} */
                        kind: "forecast" | "observed" | "station" | "meter";
                        address: string;
                        keyHeader?: string;
                    };
                    place: components["schemas"]["weatherPlace"];
                    key?: string;
                    sourceId?: string;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        address: string;
                        text: string;
                        bytes: number;
                        goodForMinutes: number;
                    };
                };
            };
            /** @description It did not answer, or not with 200 */
            502: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdWeatherSources: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        sources: {
                            id: string;
                            name: string;
                            /** @enum {string} */
                            kind: "forecast" | "observed" | "station" | "meter";
                            simulated: boolean;
                            chosen: boolean;
                            askedAt?: string;
                            nextAt?: string;
                            goodAt?: string;
                            problem?: string;
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdRecord: {
        parameters: {
            query?: {
                after?: number;
                limit?: number;
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        entries: components["schemas"]["storedEntry"][];
                        people: components["schemas"]["person"][];
                        next?: number;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdRecordByEntryId: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
                entryId: components["parameters"]["entryId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["entry"];
            };
        };
        responses: {
            /** @description Was stored already */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["storedEntry"];
                };
            };
            /** @description Stored */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Another entry has this id */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdRecordCheck: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        whole: boolean;
                        entries: number;
                        lastHash?: string;
                        problem?: string;
                        receipts?: number;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdRecordCsv: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdReceipts: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        receipts: {
                            receipt: components["schemas"]["getJobsByJobIdReceiptsReceiptsReceiptLentumReceipt"];
                            /** @enum {string} */
                            why: "asked" | "handed over" | "night";
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postJobsByJobIdReceipts: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getJobsByJobIdReceiptsReceiptsReceiptLentumReceipt"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postJobsByJobIdReceiptsCompare: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    receipts: components["schemas"]["getJobsByJobIdReceiptsReceiptsReceiptLentumReceipt"][];
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        compared: {
                            receipt: components["schemas"]["getJobsByJobIdReceiptsReceiptsReceiptLentumReceipt"];
                            /** @enum {string} */
                            outcome: "holds" | "not signed" | "cut" | "other";
                            says: string;
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdHandover: {
        parameters: {
            query: {
                zone: components["schemas"]["id"];
                at?: components["schemas"]["instant"];
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getJobsByJobIdHandover"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdHandoverPdf: {
        parameters: {
            query: {
                zone: components["schemas"]["id"];
                at?: components["schemas"]["instant"];
                size?: components["schemas"]["getJobsByJobIdHandoverPdf"];
                landscape?: components["schemas"]["getJobsByJobIdHandoverPdf2"];
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postJobsByJobIdHandoverTasks: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    zone: components["schemas"]["id"];
                    at?: components["schemas"]["instant"];
                    size?: components["schemas"]["getJobsByJobIdHandoverPdf"];
                    landscape?: components["schemas"]["getJobsByJobIdHandoverPdf2"];
                    /** @constant */
                    make: "pdf";
                } | {
                    zone: components["schemas"]["id"];
                    at?: components["schemas"]["instant"];
                    size?: components["schemas"]["getJobsByJobIdHandoverPdf"];
                    landscape?: components["schemas"]["getJobsByJobIdHandoverPdf2"];
                    /** @constant */
                    make: "zip";
                };
            };
        };
        responses: {
            /** @description It has its turn */
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        task: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdStanding: {
        parameters: {
            query?: {
                at?: components["schemas"]["instant"];
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        handedOver: components["schemas"]["getJobsByJobIdMorningBaysAll"];
                        of: components["schemas"]["getJobsByJobIdMorningBaysAll"];
                        due: components["schemas"]["getJobsByJobIdStandingDue"][];
                        next?: components["schemas"]["getJobsByJobIdStandingDue"];
                        openSnags: components["schemas"]["getJobsByJobIdMorningBaysAll"];
                        sleeps: boolean;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdUpkeep: {
        parameters: {
            query: {
                zone: components["schemas"]["id"];
                at?: components["schemas"]["instant"];
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        zoneId: components["schemas"]["id"];
                        from?: components["schemas"]["getJobsByJobIdMorningAt"];
                        /** @enum {string} */
                        countedFrom?: "handed over" | "finished" | "today";
                        unproven?: string[];
                        dates: {
                            /** @enum {string} */
                            what: "visit" | "outlets" | "recoat" | "renewal" | "guarantee";
                            from: components["schemas"]["crewOff"];
                            to: components["schemas"]["crewOff"];
                            /** @enum {string} */
                            state: "done" | "late" | "due" | "to come";
                            entryId?: components["schemas"]["id"];
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdUpkeepIcs: {
        parameters: {
            query: {
                zone: components["schemas"]["id"];
                at?: components["schemas"]["instant"];
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/calendar": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdUpkeepSheet: {
        parameters: {
            query: {
                zone: components["schemas"]["id"];
                at?: components["schemas"]["instant"];
                year: number;
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getJobsByJobIdHandover"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdUpkeepSheetPdf: {
        parameters: {
            query: {
                zone: components["schemas"]["id"];
                at?: components["schemas"]["instant"];
                year: number;
                size?: components["schemas"]["getJobsByJobIdHandoverPdf"];
                landscape?: components["schemas"]["getJobsByJobIdHandoverPdf2"];
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdHandoverZip: {
        parameters: {
            query: {
                zone: components["schemas"]["id"];
                at?: components["schemas"]["instant"];
                size?: components["schemas"]["getJobsByJobIdHandoverPdf"];
                landscape?: components["schemas"]["getJobsByJobIdHandoverPdf2"];
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/zip": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdLive: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/event-stream": string;
                };
            };
            /** @description Too many streams */
            429: components["responses"]["Problem"];
            /** @description No stream just now */
            503: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getPeople: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        people: components["schemas"]["person"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putPeopleByPersonId: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                personId: components["parameters"]["personId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    name: string;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["person"];
                };
            };
            /** @description The name was replaced for good */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getPeopleByPersonIdFile: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                personId: components["parameters"]["personId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** @constant */
                        format: "lentum-person";
                        /** @constant */
                        version: 1;
                        person: {
                            id: string;
                            name: string;
                            forgottenAt: components["schemas"]["getPeopleByPersonIdFilePersonForgottenAt"];
                        };
                        account: {
                            id: string;
                            login: string | null;
                            firmRole: string | null;
                            madeAt: components["schemas"]["instant"];
                            closedAt: components["schemas"]["getPeopleByPersonIdFilePersonForgottenAt"];
                        } | null;
                        roles: {
                            jobId: string;
                            role: string;
                        }[];
                        devices: {
                            id: string;
                            device: string;
                            madeAt: string;
                            seenAt: components["schemas"]["instant"];
                            name: string | null;
                            job: string | null;
                        }[];
                        keys: {
                            key: string;
                            deviceId: string;
                            name: string;
                            madeAt: components["schemas"]["instant"];
                            withdrawnAt: components["schemas"]["getPeopleByPersonIdFilePersonForgottenAt"];
                        }[];
                        passkeys: {
                            id: string;
                            name: string;
                            host: string;
                            madeAt: components["schemas"]["instant"];
                            usedAt: components["schemas"]["getPeopleByPersonIdFilePersonForgottenAt"];
                        }[];
                        links: {
                            jobId: string;
                            forWhom: string;
                            madeAt: components["schemas"]["instant"];
                            until: components["schemas"]["instant"];
                            endedAt: components["schemas"]["getPeopleByPersonIdFilePersonForgottenAt"];
                            opened: number;
                        }[];
                        log: {
                            n: number;
                            at: components["schemas"]["instant"];
                            what: string;
                            address: string | null;
                            detail: components["schemas"]["getPeopleByPersonIdFileLogDetail"];
                            didIt: boolean;
                        }[];
                        entries: {
                            jobId: string;
                            job: string;
                            seq: number;
                            receivedAt: components["schemas"]["instant"];
                            entry: components["schemas"]["entry"];
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postPeopleByPersonIdForget: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                personId: components["parameters"]["personId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["person"];
                };
            };
            /** @description Their account is open */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdPicturesBySha256: {
        parameters: {
            query?: {
                size?: "small" | "screen";
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
                sha256: components["parameters"]["sha256"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/png": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdPicturesBySha256: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
                sha256: components["parameters"]["sha256"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "image/png": string;
                "image/jpeg": string;
            };
        };
        responses: {
            /** @description Stored */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdWeatherSeriesBySeriesId"];
                };
            };
            /** @description No picture, or not whole */
            422: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getFirmPractice: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getFirmPractice"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putFirmPractice: {
        parameters: {
            query?: never;
            header: {
                /** @description The version that is changed, as its ETag has it */
                "If-Match": components["parameters"]["ifMatch"];
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["jobRulesPractice"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getFirmPractice"];
                };
            };
            /** @description Somebody else changed them */
            412: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getSession: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getSession"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postSession: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    login: components["schemas"]["postSessionLogin"];
                    password: string;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getSession"];
                };
            };
            /** @description The name or the password is wrong */
            401: components["responses"]["Problem"];
            /** @description Too many wrong tries */
            429: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postFirmAccounts: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    firm: string;
                    name: string;
                    login: components["schemas"]["postSessionLogin"];
                    password: string;
                    personId?: components["schemas"]["id"];
                };
            };
        };
        responses: {
            /** @description People sign in from now on */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getSession"];
                };
            };
            /** @description They do already */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postSessionEnd: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    putSessionPassword: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    old: string;
                    password: string;
                };
            };
        };
        responses: {
            /** @description Done */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The old password is wrong */
            403: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postCodesLook: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    code: string;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        firm: string;
                        name: string;
                        login: string | null;
                        forDevice: boolean;
                        job: string | null;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postCodesUse: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    code: string;
                    login: components["schemas"]["postSessionLogin"];
                    password: string;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getSession"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getAccounts: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        accounts: {
                            id: string;
                            personId: string;
                            name: string;
                            login: string | null;
                            firmRole: components["schemas"]["getSessionAccountFirmRole"] | null;
                            jobRoles: components["schemas"]["getSessionAccountJobRoles"];
                            madeAt: string;
                            closedAt: string | null;
                            codeUntil: string | null;
                            seenAt: string | null;
                            forgottenAt: string | null;
                        }[];
                        others: {
                            personId: string;
                            name: string;
                            forgottenAt: string | null;
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putAccountsByAccountId: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                accountId: components["parameters"]["accountId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    name: string;
                    firmRole: components["schemas"]["getSessionAccountFirmRole"] | null;
                    jobRoles: {
                        [key: string]: "estimator" | "foreman" | "applicator" | "inspector" | "client";
                    };
                    personId?: components["schemas"]["id"];
                };
            };
        };
        responses: {
            /** @description Changed */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdWeatherSeriesBySeriesId"];
                };
            };
            /** @description Made */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Nobody would be the owner */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postAccountsByAccountIdCode: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                accountId: components["parameters"]["accountId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["postAccountsByAccountIdCode"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postAccountsByAccountIdClosed: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                accountId: components["parameters"]["accountId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    closed: boolean;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        closed: boolean;
                    };
                };
            };
            /** @description Nobody would be the owner */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postAccountsByAccountIdSignOut: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                accountId: components["parameters"]["accountId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        ended: number;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getSecurityLog: {
        parameters: {
            query?: {
                before?: number;
                limit?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        events: {
                            n: number;
                            at: string;
                            what: string;
                            who: string | null;
                            about: string | null;
                            address: string | null;
                            detail: components["schemas"]["getPeopleByPersonIdFileLogDetail"];
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getFirmSignatures: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getFirmSignatures"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putFirmSignatures: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    demanded: boolean;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getFirmSignatures"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getFirmMail: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        from: string | null;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postAccountsByAccountIdCodeMail: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                accountId: components["parameters"]["accountId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    code: string;
                    /** Format: email */
                    to: string;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** @constant */
                        sent: true;
                    };
                };
            };
            /** @description No mail server is set */
            409: components["responses"]["Problem"];
            /** @description The mail server did not take it */
            502: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postPasskeysOptions: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["postPasskeysOptions"];
                };
            };
            /** @description The server was asked by an address of numbers */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postPasskeysSignIn: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    response: components["schemas"]["postPasskeysSignInResponsePublicKey"];
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getSession"];
                };
            };
            /** @description The passkey is not good here */
            401: components["responses"]["Problem"];
            /** @description Too many wrong tries */
            429: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getSessionPasskeys: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        passkeys: {
                            id: string;
                            name: string;
                            host: string;
                            madeAt: string;
                            usedAt: string | null;
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postSessionPasskeys: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    name: string;
                    response: components["schemas"]["postPasskeysSignInResponsePublicKey"];
                };
            };
        };
        responses: {
            /** @description Done */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description It is not what was asked for */
            422: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postSessionPasskeysOptions: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["postPasskeysOptions"];
                };
            };
            /** @description No password was chosen yet, or the server was asked by an address of numbers */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postSessionPasskeysByPasskeyIdEnd: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                passkeyId: components["parameters"]["passkeyId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    getSessionDevices: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        devices: {
                            id: string;
                            device: string;
                            madeAt: string;
                            seenAt: string;
                            name: string | null;
                            job: string | null;
                            here: boolean;
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postSessionDevicesBySessionIdEnd: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                sessionId: components["parameters"]["sessionId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    putSessionKey: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    key: string;
                    deviceId: components["schemas"]["id"];
                    name: string;
                };
            };
        };
        responses: {
            /** @description Done */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The key was withdrawn */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postSessionDeviceCode: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postSessionDeviceCode"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["postAccountsByAccountIdCode"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postCodesUseDevice: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    code: string;
                    key: string;
                    deviceId: components["schemas"]["id"];
                    name: string;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getSession"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getAccountsByAccountIdDevices: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                accountId: components["parameters"]["accountId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        devices: {
                            id: string;
                            device: string;
                            madeAt: string;
                            seenAt: string;
                            name: string | null;
                            job: string | null;
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postAccountsByAccountIdDevicesBySessionIdEnd: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                accountId: components["parameters"]["accountId"];
                sessionId: components["parameters"]["sessionId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    postAccountsByAccountIdDeviceCode: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                accountId: components["parameters"]["accountId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postSessionDeviceCode"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["postAccountsByAccountIdCode"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdLinks: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        links: {
                            id: string;
                            /** @enum {string} */
                            opens: "job" | "handover";
                            forWhom: string;
                            madeBy: string;
                            madeAt: string;
                            until: string;
                            endedAt: string | null;
                            opened: number;
                            openedAt: string | null;
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postJobsByJobIdLinks: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @enum {string} */
                    opens: "job" | "handover";
                    forWhom: string;
                    days: number;
                };
            };
        };
        responses: {
            /** @description Made */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        id: string;
                        secret: string;
                        until: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postJobsByJobIdLinksByLinkIdEnd: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
                linkId: components["parameters"]["linkId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postJobsByJobIdWeatherFetch"];
            };
        };
        responses: {
            /** @description Done */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    postSharedOpen: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    secret: string;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getSession"];
                };
            };
            /** @description The link is not good */
            404: components["responses"]["Problem"];
            /** @description Too many wrong tries */
            429: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getServer: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        servers: {
                            host: string;
                            pid: number;
                            /** @enum {string} */
                            does: "all" | "pages" | "tasks";
                            begunAt: string;
                            seenAt: string;
                            streams: number;
                            tasks: number;
                            ends: boolean;
                            lost: boolean;
                        }[] | null;
                        tasks: {
                            id: string;
                            kind: string;
                            job: string | null;
                            askedAt: string;
                            /** @enum {string} */
                            state: "waiting" | "working" | "failed";
                            share: number;
                            doing: string;
                            says: string | null;
                        }[];
                        databaseBytes: number | null;
                        jobs: number;
                        entries: number;
                        signedAt: string | null;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getLibrary: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        buildUps: {
                            id: string;
                            revision: number;
                            changed: boolean;
                            putAway: boolean;
                            shipped: boolean;
                            buildUp: components["schemas"]["buildUpOutput"];
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getLibraryByBuildUpId: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                buildUpId: components["parameters"]["buildUpId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["buildUpOutput"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putLibraryByBuildUpId: {
        parameters: {
            query?: never;
            header: {
                /** @description The version that is changed, as its ETag has it */
                "If-Match": components["parameters"]["ifMatch"];
            };
            path: {
                buildUpId: components["parameters"]["buildUpId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["buildUp"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdSurvey"];
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getLibraryByBuildUpIdRevisions: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                buildUpId: components["parameters"]["buildUpId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        revisions: {
                            revision: number;
                            releasedAt: string | null;
                            who: string;
                            note: string;
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postLibraryByBuildUpIdRevisions: {
        parameters: {
            query?: never;
            header: {
                /** @description The version that is changed, as its ETag has it */
                "If-Match": components["parameters"]["ifMatch"];
            };
            path: {
                buildUpId: components["parameters"]["buildUpId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    who: string;
                    note: string;
                };
            };
        };
        responses: {
            /** @description Released */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        revision: number;
                        version: number;
                    };
                };
            };
            /** @description Somebody else saved first */
            412: components["responses"]["Problem"];
            /** @description Nothing changed, or something is wrong */
            422: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getLibraryByBuildUpIdRevisionsByRevision: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                buildUpId: components["parameters"]["buildUpId"];
                revision: components["parameters"]["revision"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["buildUpOutput"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getLibraryByBuildUpIdFile: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                buildUpId: components["parameters"]["buildUpId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** @constant */
                        format: "lentum-build-up";
                        /** @constant */
                        version: 1;
                        exportedAt: components["schemas"]["instant"];
                        buildUp: components["schemas"]["buildUpOutput"];
                        /** @default [] */
                        papers: components["schemas"]["getLibraryByBuildUpIdFilePapers"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postLibraryByBuildUpIdAway: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                buildUpId: components["parameters"]["buildUpId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    away: boolean;
                };
            };
        };
        responses: {
            /** @description Done */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    getPapersBySha256: {
        parameters: {
            query?: {
                view?: "yes";
            };
            header?: never;
            path: {
                sha256: components["parameters"]["sha256"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putPapersBySha256: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                sha256: components["parameters"]["sha256"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/pdf": string;
                "image/png": string;
                "image/jpeg": string;
            };
        };
        responses: {
            /** @description Filed */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        sha256: string;
                    };
                };
            };
            /** @description No such file, or not whole */
            422: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postPrintoutsPdf: {
        parameters: {
            query?: {
                size?: components["schemas"]["getJobsByJobIdHandoverPdf"];
                landscape?: components["schemas"]["getJobsByJobIdHandoverPdf2"];
                job?: components["schemas"]["id"];
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    title: string;
                    job: string;
                    made: string;
                    seal?: string;
                    draft?: string;
                    /**
                     * @default en-GB
                     * @enum {string}
                     */
                    language?: "en-GB" | "en-US";
                    blocks: (components["schemas"]["getJobsByJobIdHandoverBlocksHeading"] | components["schemas"]["postPrintoutsPdfBlocksText"] | components["schemas"]["getJobsByJobIdHandoverBlocksList"] | components["schemas"]["getJobsByJobIdHandoverBlocksFacts"] | components["schemas"]["postPrintoutsPdfBlocksTable"] | components["schemas"]["drawing"] | components["schemas"]["postPrintoutsPdfBlocksPictures"] | components["schemas"]["getJobsByJobIdHandoverBlocksContents"] | components["schemas"]["getJobsByJobIdHandoverBlocksBreak"] | {
                        /** @constant */
                        kind: "group";
                        blocks: (components["schemas"]["getJobsByJobIdHandoverBlocksHeading"] | components["schemas"]["postPrintoutsPdfBlocksText"] | components["schemas"]["getJobsByJobIdHandoverBlocksList"] | components["schemas"]["getJobsByJobIdHandoverBlocksFacts"] | components["schemas"]["postPrintoutsPdfBlocksTable"] | components["schemas"]["drawing"] | components["schemas"]["postPrintoutsPdfBlocksPictures"] | components["schemas"]["getJobsByJobIdHandoverBlocksContents"] | components["schemas"]["getJobsByJobIdHandoverBlocksBreak"])[];
                    })[];
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdFile: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** @constant */
                        format: "lentum-job";
                        /** @constant */
                        version: 1;
                        exportedAt: components["schemas"]["instant"];
                        checksum: string;
                        content: {
                            job: components["schemas"]["jobHeadOutput"];
                            survey: components["schemas"]["surveyOutput"];
                            buildUp: components["schemas"]["buildUpsOutput"];
                            order: components["schemas"]["orderOutput"];
                            programme: components["schemas"]["programmeOutput"];
                            proving: components["schemas"]["provingOutput"];
                            site: components["schemas"]["siteOutput"];
                            weather: components["schemas"]["weatherOutput"];
                            /** @default [] */
                            weatherSeries: components["schemas"]["weatherSeriesOutput"][];
                            record: components["schemas"]["storedEntry"][];
                            /** @default [] */
                            people: components["schemas"]["person"][];
                            /** @default [] */
                            pictures: {
                                id: string;
                                base64: string;
                            }[];
                            /** @default [] */
                            picturesLeftOut: string[];
                            /** @default [] */
                            papers: components["schemas"]["getLibraryByBuildUpIdFilePapers"][];
                        };
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdFile: {
        parameters: {
            query?: {
                later?: "true" | "false";
            };
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": string;
            };
        };
        responses: {
            /** @description Was there already */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        id: string;
                        name: string;
                        entries: number;
                        says?: string;
                    } | {
                        task: string;
                    };
                };
            };
            /** @description Imported */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Kept, and imported by a task */
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Another job has this id, or the record was changed after it was signed here */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    getTasksByTaskId: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                taskId: components["parameters"]["taskId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getTasksByTaskId"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getTasksByTaskIdFile: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                taskId: components["parameters"]["taskId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/octet-stream": string;
                };
            };
            /** @description It is not made yet */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postTasksByTaskIdCancel: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                taskId: components["parameters"]["taskId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getTasksByTaskId"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postTasksByTaskIdAgain: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                taskId: components["parameters"]["taskId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getTasksByTaskId"];
                };
            };
            /** @description It is on its way, or done */
            409: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    putDemoByJobId: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["parameters"]["jobId"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Started */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["putJobsByJobIdWeatherSeriesBySeriesId"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getInstruments: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        id: string;
                        name: string;
                        /** @enum {string} */
                        measures: "moisture";
                        unit: string;
                        simulated: boolean;
                        onePlace: boolean;
                    }[];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postInstrumentsByInstrumentIdReadings: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                instrumentId: components["parameters"]["instrumentId"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    target: string;
                    places: {
                        alongM: number;
                        acrossM: number;
                    }[];
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        instrument: string;
                        takenAt: components["schemas"]["getJobsByJobIdMorningAt"];
                        readings: {
                            at: {
                                alongM: number;
                                acrossM: number;
                            };
                            value: number;
                        }[];
                    };
                };
            };
            /** @description The meter did not answer, or with no number */
            502: components["responses"]["Problem"];
            default: components["responses"]["Problem"];
        };
    };
    postComputeTakeoff: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    survey: components["schemas"]["survey"];
                    buildUp: components["schemas"]["buildUps"];
                    order: components["schemas"]["order"];
                    /** @enum {string} */
                    units?: "metric" | "us";
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["takeoff"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeDetails: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    survey: components["schemas"]["survey"];
                    buildUp: components["schemas"]["buildUps"];
                    order?: components["schemas"]["order"];
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        zones: {
                            zoneId: string;
                            minutes: components["schemas"]["figure"];
                            details: {
                                pieces: {
                                    faces: components["schemas"]["face"][];
                                    name: string;
                                    measures: {
                                        [key: string]: number;
                                    };
                                    count: number;
                                    ply: number;
                                    from?: string;
                                    laps: string;
                                    bands?: components["schemas"]["band"][];
                                }[];
                                materials: components["schemas"]["materialUse"][];
                                steps: components["schemas"]["step"][];
                                minutes: components["schemas"]["figure"];
                                pocket?: components["schemas"]["pocket"];
                                problems: components["schemas"]["orderLineProblems"];
                                made: components["schemas"]["made"];
                                id: string;
                                kind: components["schemas"]["ownWayKinds"];
                                zoneId: string;
                                zoneName: string;
                                where: string;
                                place?: {
                                    alongM: number;
                                    acrossM: number;
                                };
                                path: components["schemas"]["zoneQuantitiesRing"];
                                count: number;
                                length?: components["schemas"]["figure"] | components["schemas"]["given"];
                                straightsM: number[];
                                sizes: {
                                    [key: string]: number;
                                };
                                metal: boolean;
                            }[];
                            pieces: {
                                label: string;
                                count: number;
                                details: string[];
                                name: string;
                            }[];
                        }[];
                        missing: {
                            zoneId: string;
                            problems: components["schemas"]["orderLineProblems"];
                        }[];
                        cutLists: {
                            placed: components["schemas"]["placedCut"][];
                            usedMm: number[];
                            totalMm: number;
                            leastMm: number;
                            waste: number;
                            left: components["schemas"]["cut"][];
                            roll: components["schemas"]["roll"];
                            leftOvers: components["schemas"]["cutLeftOver"][];
                            zoneIds: string[];
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeCourses: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    survey: components["schemas"]["survey"];
                    buildUp: components["schemas"]["buildUps"];
                    order: components["schemas"]["order"];
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        materials: {
                            name: string;
                            bought: {
                                lengthM: number;
                                price?: number;
                                count: number;
                            }[];
                            /** @enum {string} */
                            howGood: "least here" | "least of any start" | "near" | "none";
                            leastRolls?: number;
                            leastAnyStart: number;
                            figures?: components["schemas"]["coursesFigures"];
                            pieces: components["schemas"]["coursePiece"][];
                            cutList: components["schemas"]["cutLine"][];
                            layLists: {
                                zoneId: string;
                                layerId: string;
                                courses: {
                                    pieces: string[];
                                    zoneName: string;
                                    plane: number;
                                    course: number;
                                    lowM: number;
                                    note: string;
                                }[];
                            }[];
                            problems: components["schemas"]["orderLineProblems"];
                        }[];
                        boards: {
                            zoneId: string;
                            layerId: string;
                            boards: number;
                            leastBoards: number;
                            pieces: components["schemas"]["boardPiece"][];
                            fasteners: components["schemas"]["figure"][];
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeJoint: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    widthMm: number;
                    lengthM: number;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["sealantJoint"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeMix: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    buildUp: components["schemas"]["buildUp"];
                    layerId: string;
                    surface?: components["schemas"]["postComputeMixSurface"];
                    resin: components["schemas"]["postComputeMixSurface"];
                    at: components["schemas"]["instant"];
                    slopePct: number;
                    areaLeftM2: number;
                    people: number;
                    outputM2PerH?: number;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["mixCard"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeKettle: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    buildUp: components["schemas"]["buildUp"];
                    layerId: string;
                    areaLeftM2: number;
                    holdsKg?: number;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["kettleCard"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeBench: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    calculator: string;
                    values: {
                        [key: string]: number | string;
                    };
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["answer"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeBays: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    zone: components["schemas"]["zone"];
                    buildUp: components["schemas"]["buildUp"];
                    layerId: string;
                    basis: {
                        /** @constant */
                        kind: "container";
                        containerId: string;
                    } | {
                        /** @constant */
                        kind: "mix";
                    };
                    /** @enum {string} */
                    lie?: "longest side" | "with the fall" | "across the fall" | "fabric courses";
                    fallRad?: number;
                    courseM?: number;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["baySplit"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeBayRoute: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    bays: components["schemas"]["bay"][];
                    accessM: components["schemas"]["outlinePoints2"];
                    zoneName: string;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["bayRoute"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeState: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": string;
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["getJobsByJobIdToday"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeDewPoint: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["postComputeDewPoint"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        dewPoint: components["schemas"]["figure"];
                        margin: components["schemas"]["figure"];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeConditions: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    limits: components["schemas"]["limits"];
                    reading: components["schemas"]["postComputeDewPoint"];
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["conditionJudgement"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeRate: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    text: string;
                    densityKgPerL?: number;
                    volumeSolids?: number;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["parsedRate"] | {
                        wetFilmMm: number;
                        value: number;
                        /** @enum {string} */
                        basis: "dryFilm" | "mass" | "volume" | "wetFilm";
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeWalk: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    legs: components["schemas"]["outlineLegs"];
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        adjusted: components["schemas"]["zoneQuantitiesRing"];
                        path: components["schemas"]["zoneQuantitiesRing"];
                        lengthM: number;
                        gapX: number;
                        gapY: number;
                        gapM: number;
                        ratio?: number;
                        turnGapDeg: number;
                        closed: boolean;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeZone: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["zone"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["zoneQuantities"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeTaped: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["outline"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["tapedSolution"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeFalls: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["zone"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["fallsReport"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeReadiness: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    zone: components["schemas"]["zone"];
                    family: components["schemas"]["zoneFamily"];
                    /** @enum {string} */
                    primerSchool: "test may spare" | "always";
                    now: components["schemas"]["getJobsByJobIdMorningAt"];
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["readiness"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeBuildUp: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["buildUp"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        costs: components["schemas"]["costs"];
                        findings: components["schemas"]["finding"][];
                        membraneDry: components["schemas"]["figure"];
                        dry: components["schemas"]["figure"];
                        thickness: components["schemas"]["figure"];
                        weight: components["schemas"]["figure"];
                        coats: {
                            layerId: string;
                            wet: components["schemas"]["figure"];
                            dry: components["schemas"]["figure"];
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeChoose: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    zone: components["schemas"]["zone"];
                    buildUps: components["schemas"]["buildUp"][];
                    /** @enum {string} */
                    primerSchool: "test may spare" | "always";
                    now: components["schemas"]["getJobsByJobIdMorningAt"];
                    /** @enum {string} */
                    traffic: "no" | "feet" | "wheels";
                    /** @enum {string} */
                    exposure: "exposed" | "covered";
                    coldestC: number;
                    warmestC: number;
                    dryHours: number;
                    daysAllowed?: number;
                    pace: {
                        tempC: number;
                        humidityPct: number;
                        crews: number;
                        hoursPerDay: number;
                    };
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ranked"][];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postComputeAcceptance: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    rule: components["schemas"]["acceptanceRule"];
                    gauge: components["schemas"]["entryFirstFormGauge"];
                    lastWetMm: number[];
                    designWetFilmMm: number;
                };
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        film?: components["schemas"]["filmFromReadings"];
                        acceptance: components["schemas"]["acceptance"];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
}
