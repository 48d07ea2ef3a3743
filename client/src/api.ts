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
        __schema0: string;
        /** @enum {string} */
        __schema1: "metric" | "us";
        __schema2: components["schemas"]["__schema3"][];
        __schema3: {
            key: components["schemas"]["__schema4"];
            value: components["schemas"]["__schema5"];
            says: components["schemas"]["__schema6"];
        };
        /** @enum {string} */
        __schema4: "moistureUnprimed" | "moisturePrimed" | "moistureCarbide" | "moistureOven" | "moistureTimber" | "humidityInSlab" | "concreteAgeDays" | "strengthTraffic" | "pullOffTraffic" | "pullOff" | "pondDepth" | "upstandHeight" | "outletProud" | "sameVisitHours" | "sameSpot" | "dryDaysMineral" | "dryDaysOther" | "airReadingMin" | "mixReadingMin" | "moistureReadingH" | "kettleReadingMin" | "fireWatchMin" | "bottleDistance" | "closingLeadH" | "washAfterDays" | "rinseDryMin" | "growthAfterDays" | "floodDepth" | "filmMapReach" | "spotsPer10M2" | "floodReading" | "evaporationOff" | "panOff" | "floodLoss" | "leastShare" | "mostBetween" | "filmsAgreePct" | "coversLeast" | "shimOffPct" | "mostFilmHumidity" | "mostFilmWater" | "mostFilmReaction" | "mostFilmPrimer" | "mostFilmOther" | "overRangePct" | "stretchShare" | "sprayWind" | "rollerPass" | "usualOutput" | "usualCrew" | "mostCrew" | "recoatSpread" | "recoatLeft" | "recoatDark" | "recoatWet" | "recoatSun" | "repairOverlap" | "outletsPerYear";
        __schema5: number;
        __schema6: string;
        /** @enum {string} */
        __schema7: "primer" | "details" | "coats";
        /**
         * @description The version that is changed, as its ETag has it
         * @example "3"
         */
        __schema8: string;
        __schema9: {
            lengthM: components["schemas"]["__schema10"];
            turnDeg: number;
            /** @enum {string} */
            turn: "left" | "right";
        };
        __schema10: number;
        __schema11: {
            /** @enum {string} */
            turn: "left" | "right";
            square: boolean;
        };
        __schema12: components["schemas"]["__schema10"] | null;
        __schema13: {
            from: number;
            to: number;
            lengthM: components["schemas"]["__schema10"];
        };
        __schema14: components["schemas"]["__schema15"][];
        __schema15: [
            components["schemas"]["__schema16"],
            components["schemas"]["__schema16"]
        ];
        __schema16: number;
        __schema17: {
            edge: components["schemas"]["edge"];
            riseM: components["schemas"]["__schema16"];
        };
        /** @enum {string} */
        __schema18: "outlet" | "scupper" | "pipe" | "pipe-cluster" | "post" | "support" | "static-crack" | "moving-crack" | "ridge" | "board-joint" | "sheet-lap" | "fasteners" | "blister" | "split" | "patch" | "flanged-vent" | "stairs" | "spall";
        __schema19: number;
        __schema20: {
            alongM: components["schemas"]["__schema16"];
            acrossM: components["schemas"]["__schema16"];
        };
        __schema21: components["schemas"]["__schema20"];
        __schema22: {
            [key: string]: number;
        };
        __schema23: number;
        __schema24: string;
        __schema25: {
            id: components["schemas"]["id"];
            at: components["schemas"]["__schema20"];
            valueM?: number;
        };
        __schema26: components["schemas"]["id"][];
        __schema27: {
            item: string;
            /** @enum {string} */
            answer: "yes" | "no" | "not looked at";
            amount?: number;
            note: string;
        };
        __schema28: {
            id: components["schemas"]["id"];
            kind: components["schemas"]["__schema29"];
            scale?: components["schemas"]["__schema30"];
            at?: components["schemas"]["__schema21"];
            takenAt: components["schemas"]["instant"];
            instrument: components["schemas"]["name"];
            value: components["schemas"]["__schema33"];
            unprimed?: components["schemas"]["__schema34"];
            note: components["schemas"]["__schema24"];
        };
        /** @enum {string} */
        __schema29: "moisture" | "humidity" | "sheet" | "profile" | "strength" | "pull-off" | "strip-pull" | "slip" | "core" | "tack";
        /** @enum {string} */
        __schema30: "scale of the meter" | "carbide test, % by mass" | "oven-dried, % by mass" | "timber, % by mass";
        __schema33: number | string;
        /** @default false */
        __schema34: boolean;
        /** @enum {string} */
        __schema36: "PU1" | "PU-DECK" | "PMMA" | "TRAFFIC" | "ACRYLIC" | "RESTORE" | "SILICONE" | "BITEM" | "CEMENT" | "METAL" | "PU-PRIMED" | "SA2" | "TORCH2" | "HOT" | "POCKET" | "TRAFFIC2" | "SINGLE" | "WARM" | "GRP" | "FELT";
        __schema37: components["schemas"]["id"];
        __schema38: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            options: components["schemas"]["__schema39"][];
            chosen: components["schemas"]["id"];
        };
        __schema39: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            says: string;
        };
        /** @enum {string} */
        __schema40: "parapet" | "pipe" | "outlet" | "corner" | "post";
        __schema41: {
            /** @enum {string} */
            key: "fabric" | "sealant" | "mortar" | "joint filler" | "backer rod" | "bond breaker" | "metal primer" | "bar" | "fastener" | "granules" | "tape" | "board fastener" | "elastomer strip" | "plate fastener" | "head nail" | "temporary nail" | "lap primer";
            packs: components["schemas"]["__schema42"][];
        };
        __schema42: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            net: number;
            massKg?: number;
            price?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        __schema43: {
            kinds: components["schemas"]["__schema44"][];
            coatId: components["schemas"]["id"];
            /** @enum {string} */
            form: "bedded pieces" | "coats alone" | "stripe" | "three courses" | "thick patch" | "liquid flashing";
            coats?: number;
            widthMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            pastMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            cutFrom?: components["schemas"]["id"];
            granulesKgPerM2?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            abrade?: boolean;
        };
        /** @enum {string} */
        __schema44: "upstand" | "fillet" | "internal-corner" | "external-corner" | "parapet" | "bar" | "kerb" | "threshold" | "drip" | "gutter" | "movement-joint" | "tie-in" | "day-joint" | "wall-end" | "wall-foot" | "ridge" | "outlet" | "scupper" | "pipe" | "pipe-cluster" | "post" | "support" | "board-joint" | "static-crack" | "moving-crack" | "sheet-lap" | "fasteners" | "blister" | "split" | "patch" | "flanged-vent" | "stairs";
        __schema46: {
            choice: components["schemas"]["id"];
            option: components["schemas"]["id"];
        };
        __schema47: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
        };
        __schema48: {
            name?: components["schemas"]["name"];
            shelfLifeMonths?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            openedDays?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default [] */
            hazards: components["schemas"]["__schema49"][];
            /** @default [] */
            cautions: components["schemas"]["__schema24"][];
            /** @enum {string} */
            cleaner?: "water" | "solvent" | "resin cleaner" | "wiped dry" | "oil cleaner";
        };
        /** @enum {string} */
        __schema49: "flammable" | "sensitising" | "irritant" | "eye damage" | "corrosive" | "toxic" | "oxidising" | "harms water" | "dust" | "hot" | "open flame" | "heavy";
        /** @enum {string} */
        __schema51: "polyurethane, aromatic" | "polyurethane, aliphatic" | "methacrylate" | "epoxy" | "acrylic" | "silicone" | "bitumen emulsion" | "bitumen, hot" | "bitumen sheet" | "aluminium bitumen" | "cement, flexible" | "hybrid polymer" | "solvent primer" | "water-based primer" | "sealer, pourable" | "polyester resin" | "bitumen adhesive" | "contact adhesive" | "rubber sheet" | "thermoplastic sheet";
        /** @enum {string} */
        __schema52: "light" | "dark" | "clear";
        /** @constant */
        __schema53: "coat";
        /** @enum {string} */
        __schema54: "preparation" | "primer" | "levelling" | "membrane" | "wear" | "decorative" | "finish" | "reflective";
        /** @enum {string} */
        __schema55: "edges, laps and fasteners" | "rust" | "details";
        __schema56: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
        };
        __schema57: {
            basis: components["schemas"]["__schema58"];
            value: components["schemas"]["__schema59"];
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            range?: components["schemas"]["__schema60"];
            tolerancePct?: components["schemas"]["__schema64"];
            least?: components["schemas"]["__schema66"];
            most?: components["schemas"]["__schema67"];
            variants?: components["schemas"]["__schema68"];
        };
        /** @enum {string} */
        __schema58: "mass" | "volume" | "wetFilm" | "dryFilm";
        __schema59: number;
        __schema60: components["schemas"]["__schema61"];
        __schema61: {
            from: components["schemas"]["__schema62"];
            to: components["schemas"]["__schema62"];
        };
        __schema62: number;
        __schema64: {
            value: components["schemas"]["__schema65"];
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
        };
        __schema65: number;
        __schema66: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            why: string;
        };
        __schema67: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            why: string;
        };
        __schema68: components["schemas"]["__schema69"][];
        __schema69: {
            /** @enum {string} */
            when: "slope" | "ramp" | "rough" | "absorbent" | "vertical" | "exposed edge" | "detail";
            /** @enum {string} */
            basis: "timesField" | "mass" | "volume" | "wetFilm" | "dryFilm";
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            /** @default  */
            note: string;
        };
        __schema70: {
            wetFilmMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            dryFilmMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        __schema71: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
        };
        __schema72: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
        };
        __schema74: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
        };
        __schema76: boolean;
        __schema77: components["schemas"]["__schema78"][];
        __schema78: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            /** @enum {string} */
            basis: "mass" | "volume";
            net: number;
            price?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        __schema79: {
            /** @enum {string} */
            by: "mass" | "volume";
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            /**
             * @default by weight
             * @enum {string}
             */
            split: "by weight" | "never";
            parts: components["schemas"]["__schema80"][];
        };
        __schema80: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            /** @enum {string} */
            kind: "resin" | "hardener" | "liquid" | "powder" | "filler" | "pigment" | "water" | "thickener" | "sealer";
            parts: number;
            densityKgPerL: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            packKg?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            packPrice?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        __schema81: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
        };
        __schema82: {
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            /** @default false */
            interpolate: boolean;
            points: components["schemas"]["__schema83"][];
        };
        __schema83: {
            fromC: components["schemas"]["__schema84"];
            toC: components["schemas"]["__schema84"];
            percent: number;
        };
        __schema84: number;
        __schema85: {
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            name: components["schemas"]["name"];
            points: components["schemas"]["__schema86"][];
            trialMinutes: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            densityKgPerL?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        __schema86: {
            fromSlopePct: number;
            percent: number;
        };
        __schema87: {
            with: components["schemas"]["name"];
            mostPct: {
                value: components["schemas"]["__schema65"];
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default  */
            note: string;
        };
        __schema88: {
            minutes: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            rpm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            restMinutes?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default  */
            note: string;
        };
        __schema89: {
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            points: components["schemas"]["__schema90"];
        };
        __schema90: components["schemas"]["__schema91"][];
        __schema91: {
            atC: components["schemas"]["__schema92"];
            minutes: components["schemas"]["__schema93"];
            range?: components["schemas"]["__schema60"];
        };
        __schema92: number;
        __schema93: number;
        __schema95: {
            applyMinC: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            safeMaxC: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            hoursAtHeat: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            probeEveryM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            meltKgPerH?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            loadKg?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        /** @default [] */
        __schema96: components["schemas"]["__schema97"][];
        __schema97: {
            /** @constant */
            kind: "roller";
            napMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            passMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            note?: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "brush";
            note?: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "broom";
            note?: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "squeegee";
            note?: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "notched trowel";
            /** @enum {string} */
            shape: "square" | "triangular";
            notchMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            angleDeg: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            note?: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "trowel";
            note?: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "spike roller";
            pinMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            note?: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "airless spray";
            tipMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            fanDeg?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            pressureBar: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            overlapPct: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            note?: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "gas torch";
            note?: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "hot squeegee";
            note?: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "hand roller";
            massKg?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            note?: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "pouring jug";
            note?: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "cartridge gun";
            note?: components["schemas"]["__schema98"];
        };
        /** @default  */
        __schema98: string;
        /**
         * @default any
         * @enum {string}
         */
        __schema99: "any" | "across the coat below" | "across the fall" | "up the slope";
        __schema100: {
            touch: components["schemas"]["__schema101"];
            rainSafe: components["schemas"]["__schema101"];
            overcoatFrom: components["schemas"]["__schema101"];
            overcoatUntil?: components["schemas"]["__schema101"];
            foot: components["schemas"]["__schema101"];
            wheels?: components["schemas"]["__schema101"];
            full?: components["schemas"]["__schema101"];
            flood?: components["schemas"]["__schema101"];
            load?: components["schemas"]["__schema101"];
        };
        __schema101: {
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            points: components["schemas"]["__schema102"];
            byHumidityPct?: components["schemas"]["__schema106"];
            byWetFilmMm?: components["schemas"]["__schema106"];
        };
        __schema102: components["schemas"]["__schema103"][];
        __schema103: {
            atC: components["schemas"]["__schema84"];
            hours: components["schemas"]["__schema104"];
            range?: components["schemas"]["__schema60"];
        };
        __schema104: number;
        __schema106: components["schemas"]["__schema107"];
        __schema107: components["schemas"]["__schema108"][];
        __schema108: {
            at: number;
            factor: number;
        };
        /** @default {} */
        __schema112: components["schemas"]["__schema113"];
        __schema113: {
            [key: string]: string;
        };
        __schema114: components["schemas"]["__schema115"];
        __schema115: {
            [key: string]: components["schemas"]["__schema116"][];
        };
        __schema116: {
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
                cites?: components["schemas"]["__schema37"];
            };
            part?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            tool?: string;
            dwellMin?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            dryH?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        __schema117: {
            upstand?: components["schemas"]["__schema118"];
            parapet?: components["schemas"]["__schema118"];
            threshold?: components["schemas"]["__schema118"];
            drip?: components["schemas"]["__schema118"];
            gutter?: components["schemas"]["__schema118"];
            joint?: components["schemas"]["__schema118"];
            "tie-in"?: components["schemas"]["__schema118"];
            free?: components["schemas"]["__schema118"];
            "wall-top"?: components["schemas"]["__schema118"];
            footing?: components["schemas"]["__schema118"];
            opening?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        __schema118: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
        };
        __schema119: components["schemas"]["__schema120"][];
        __schema120: {
            lengthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            price?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        __schema121: {
            fieldPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            perimeterPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            cornerPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            perimeterM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        __schema122: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            /** @enum {string} */
            shape: "round" | "rounded corner" | "straight";
            sizeMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            massKg?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            price?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        __schema124: {
            id: components["schemas"]["id"];
            /** @enum {string} */
            kind: "data sheet" | "application instructions" | "safety sheet";
            title: components["schemas"]["name"];
            /** Format: date */
            date: string;
            layerIds: components["schemas"]["id"][];
            file?: {
                sha256: string;
                name: components["schemas"]["name"];
                /** @enum {string} */
                mime: "application/pdf" | "image/png" | "image/jpeg";
                bytes: number;
            };
        };
        __schema125: {
            zoneId: components["schemas"]["id"];
            buildUpId: components["schemas"]["id"];
            revision: number;
            /** @default [] */
            conditions: components["schemas"]["__schema126"][];
            /** @default {} */
            choices: {
                [key: string]: components["schemas"]["id"];
            };
            withoutPrimer?: boolean;
        };
        /** @enum {string} */
        __schema126: "slope" | "ramp" | "rough" | "absorbent";
        __schema127: {
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
        };
        __schema128: {
            id: components["schemas"]["id"];
            item: string;
            name: components["schemas"]["name"];
            amount: number;
            /** @enum {string} */
            unit?: "mass" | "volume";
            opened: boolean;
            /** Format: date */
            bestBefore?: string;
        };
        __schema129: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            /** Format: date */
            on: string;
            /** Format: date */
            usedBy: string;
            zoneIds: components["schemas"]["id"][];
        };
        __schema130: {
            id: components["schemas"]["id"];
            calculator: string;
            name: components["schemas"]["name"];
            values: {
                [key: string]: number | string;
            };
        };
        __schema131: {
            id: components["schemas"]["id"];
            supplier: components["schemas"]["name"];
            /** Format: date */
            on: string;
            /** Format: date */
            until?: string;
            currency: string;
            deliveryDays?: number;
            freight?: components["schemas"]["__schema132"];
            /** @default  */
            note: string;
            lines: components["schemas"]["__schema133"][];
        };
        __schema132: string;
        __schema133: {
            item: string;
            packId: components["schemas"]["id"];
            name: components["schemas"]["name"];
            pack: components["schemas"]["name"];
            price: components["schemas"]["__schema132"];
        };
        __schema134: {
            id: components["schemas"]["id"];
            /** @default 0 */
            plane: number;
            course: number;
            fromM: number;
            toM: number;
        };
        __schema135: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            alongM: number;
            acrossM: number;
            lengthM: number;
            widthM: number;
        };
        /** @enum {string} */
        __schema136: "torch" | "kettle" | "spray" | "catalysed";
        /** Format: date */
        __schema137: string;
        __schema139: string;
        __schema140: number;
        __schema141: {
            /** Format: date */
            on: string;
            /** @default  */
            says: string;
        };
        __schema143: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            /** @default  */
            about: string;
            /** @default  */
            phone: string;
        };
        __schema144: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            price: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @enum {string} */
            per: "once" | "day of work" | "day of a crew" | "day on site" | "week begun";
        };
        __schema145: {
            zoneId: components["schemas"]["id"];
            from: components["schemas"]["instant"];
            to: components["schemas"]["instant"];
            /** @default  */
            says: string;
        };
        __schema146: {
            zoneIds: components["schemas"]["id"][];
        };
        __schema147: {
            zoneId: components["schemas"]["id"];
            hours: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        __schema148: {
            zoneId: components["schemas"]["id"];
            fitAt: components["schemas"]["instant"];
            /** @default  */
            says: string;
        };
        __schema149: {
            id: components["schemas"]["id"];
            zoneId: components["schemas"]["id"];
            /** @enum {string} */
            what: "tight" | "feet" | "wheels" | "done";
            by: components["schemas"]["instant"];
            /** @default 0 */
            costPerDay: number;
        };
        __schema150: {
            taskId: string;
            crewId?: components["schemas"]["id"];
            startAt?: components["schemas"]["instant"];
        };
        __schema151: {
            plannedAt: components["schemas"]["instant"];
            finishAt?: components["schemas"]["instant"];
            tasks: components["schemas"]["__schema152"][];
        };
        __schema152: {
            taskId: string;
            crewId: components["schemas"]["id"];
            startAt: components["schemas"]["instant"];
            endAt: components["schemas"]["instant"];
        };
        __schema153: {
            zoneId: components["schemas"]["id"];
            /** @enum {string} */
            leak: "none" | "flood" | "detector" | "either";
            bondMPa?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            slip?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default false */
            dryFilm: boolean;
            /** @default false */
            pictures: boolean;
            says?: components["schemas"]["__schema154"];
        };
        /** @default  */
        __schema154: string;
        __schema155: {
            zoneId: components["schemas"]["id"];
            by: string;
            covers: string;
            years: number;
            /** Format: date */
            startsOn?: string;
            /** @default [] */
            demands: components["schemas"]["__schema156"][];
            visitsPerYear?: number;
            visitsBy?: components["schemas"]["__schema154"];
            sentWithinDays?: number;
            /** Format: date */
            sentOn?: string;
        };
        /** @enum {string} */
        __schema156: "ground" | "preparation" | "details" | "seen" | "weather" | "times" | "below" | "hot" | "film" | "aggregate" | "missed" | "openings" | "layers" | "dryFilm" | "bond" | "slip" | "leak" | "pictures" | "snags" | "accepted";
        __schema157: {
            outer: components["schemas"]["__schema158"];
            holes: components["schemas"]["__schema158"][];
        };
        __schema158: components["schemas"]["__schema15"][];
        __schema159: {
            zoneId: components["schemas"]["id"];
            layerId: components["schemas"]["id"];
            by: components["schemas"]["name"];
            coversM2: number;
        };
        __schema160: {
            zoneId: components["schemas"]["id"];
            at: components["schemas"]["__schema20"];
        };
        __schema161: {
            latitudeDeg: number;
            longitudeDeg: number;
        };
        __schema162: components["schemas"]["instant"];
        /** @enum {string} */
        __schema163: "observed" | "forecast" | "climate";
        __schema166: components["schemas"]["__schema161"];
        __schema167: number;
        __schema168: number | null;
        __schema169: number | null;
        __schema170: number | null;
        __schema171: number | null;
        __schema172: number | null;
        __schema173: number | null;
        __schema175: number | null;
        __schema176: number | null;
        __schema177: components["schemas"]["weatherColumns"][];
        __schema178: {
            host: string;
        };
        __schema179: string;
        /** @enum {string} */
        __schema180: "forecast" | "observed" | "station" | "meter";
        __schema181: string;
        __schema182: string;
        __schema183: number;
        __schema184: {
            format: components["schemas"]["__schema185"];
            list?: components["schemas"]["__schema186"];
            shape: components["schemas"]["__schema187"];
            time?: components["schemas"]["__schema188"];
            clock?: components["schemas"]["__schema188"];
            timeIs?: components["schemas"]["__schema191"];
            order?: components["schemas"]["__schema192"];
            zone: components["schemas"]["__schema193"];
            rainOf?: components["schemas"]["__schema194"];
            columns: components["schemas"]["__schema195"];
        };
        /** @enum {string} */
        __schema185: "json" | "csv";
        /** @default  */
        __schema186: string;
        /** @enum {string} */
        __schema187: "rows" | "columns" | "one";
        __schema188: components["schemas"]["__schema6"];
        /**
         * @default text
         * @enum {string}
         */
        __schema191: "text" | "seconds" | "milliseconds";
        /**
         * @default day first
         * @enum {string}
         */
        __schema192: "day first" | "month first";
        __schema193: string;
        /**
         * @default hour after
         * @enum {string}
         */
        __schema194: "hour after" | "hour before";
        __schema195: components["schemas"]["__schema196"][];
        __schema196: {
            name: components["schemas"]["__schema6"];
            /** @enum {string} */
            as: "airC" | "dewC" | "humidityPct" | "rainMm" | "windMPerS" | "gustMPerS" | "cloudPct" | "sunWPerM2" | "surfaceC" | "rainChancePct" | "moisturePct";
            unit: string;
            /** @default false */
            members: boolean;
        };
        __schema197: string;
        /** @constant */
        __schema198: 2;
        __schema199: components["schemas"]["instant"];
        __schema200: number;
        __schema202: components["schemas"]["__schema203"][];
        __schema203: {
            bayId: components["schemas"]["id"];
            share: number;
        };
        __schema205: components["schemas"]["__schema206"][];
        __schema206: string;
        __schema207: components["schemas"]["__schema208"][];
        __schema208: {
            picture: string;
            /** @enum {string} */
            shape: "arrow" | "circle" | "length";
            from: components["schemas"]["__schema209"];
            to: components["schemas"]["__schema209"];
            knownMm?: number;
            says?: string;
        };
        __schema209: [
            number,
            number
        ];
        __schema211: {
            /** @constant */
            algorithm: "ES256";
            key: components["schemas"]["__schema212"];
            jobId?: components["schemas"]["id"];
            value: components["schemas"]["__schema212"];
        };
        __schema212: string;
        /** @constant */
        __schema213: 1;
        /** @enum {string} */
        __schema214: "strip" | "cut-wet" | "outlets" | "blisters" | "splits" | "renew-fasteners" | "cut-cracks" | "grind" | "profile" | "rust" | "degrease" | "broom" | "wash" | "dry" | "spalls" | "voids" | "fill-cracks" | "level" | "joints" | "fillets" | "dry-again" | "test" | "prime" | "boards" | "laps" | "fasteners" | "stripe-cracks" | "fibres" | "rewash" | "growth";
        __schema215: string;
        __schema216: number;
        __schema217: number;
        __schema218: string;
        /** @enum {string} */
        __schema224: "in the ground" | "between ground and coat" | "between two coats" | "within a coat" | "in the glue";
        __schema225: number;
        __schema227: number;
        __schema228: {
            containerId: components["schemas"]["id"];
            opened: number;
            batch: components["schemas"]["__schema229"];
        };
        __schema229: string;
        __schema230: components["schemas"]["__schema231"][];
        __schema231: number;
        __schema232: {
            bayId: components["schemas"]["id"];
            lastWetMm: components["schemas"]["__schema233"];
            places?: components["schemas"]["__schema235"];
        };
        __schema233: components["schemas"]["__schema234"][];
        __schema234: number;
        __schema235: components["schemas"]["__schema236"][];
        __schema236: components["schemas"]["__schema20"] | null;
        __schema238: {
            name: string;
            kg: components["schemas"]["__schema217"];
            batch: components["schemas"]["__schema229"];
        };
        __schema239: number;
        __schema240: {
            at: components["schemas"]["__schema199"];
            kettleC: components["schemas"]["__schema239"];
            layingC?: components["schemas"]["__schema239"];
        };
        __schema241: {
            nominalUm: number;
            readUm: number;
        };
        __schema242: number;
        __schema243: number;
        __schema244: components["schemas"]["__schema243"];
        __schema245: number;
        __schema246: string;
        /** @enum {string} */
        __schema248: "looked at" | "washed" | "outlets cleared" | "repaired" | "coated again";
        __schema249: number;
        __schema250: {
            n: number;
            says: string;
        };
        __schema253: {
            containerId: components["schemas"]["id"];
            opened: number;
            batch: string;
        };
        __schema254: number;
        __schema255: {
            /** @constant */
            format: "lentum-receipt";
            /** @constant */
            version: 1;
            jobId: components["schemas"]["id"];
            entries: number;
            head: string;
            /** Format: date-time */
            at: string;
            key: components["schemas"]["__schema212"];
            signature: components["schemas"]["__schema212"];
        };
        /**
         * @default A4
         * @enum {string}
         */
        __schema258: "A4" | "Letter" | "A3";
        /**
         * @default false
         * @enum {string}
         */
        __schema259: "true" | "false";
        __schema260: number;
        __schema262: string;
        __schema263: string;
        __schema264: string;
        /** @enum {string} */
        __schema265: "estimator" | "foreman" | "applicator" | "inspector" | "client";
        __schema266: {
            id: components["schemas"]["__schema267"];
            rawId: components["schemas"]["__schema267"];
            /** @constant */
            type: "public-key";
            response: {
                clientDataJSON: components["schemas"]["__schema267"];
            } & {
                [key: string]: unknown;
            };
            clientExtensionResults: {
                [key: string]: unknown;
            };
        } & {
            [key: string]: unknown;
        };
        __schema267: string;
        __schema268: string;
        __schema270: {
            onlyJob?: components["schemas"]["id"];
        };
        __schema271: components["schemas"]["__schema272"] | components["schemas"]["__schema274"] | components["schemas"]["__schema275"] | components["schemas"]["__schema276"] | components["schemas"]["__schema278"] | components["schemas"]["drawing"] | components["schemas"]["__schema285"] | components["schemas"]["__schema287"] | components["schemas"]["__schema288"] | {
            /** @constant */
            kind: "group";
            blocks: components["schemas"]["__schema289"][];
        };
        __schema272: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "heading";
            level: 1 | 2 | 3;
            text: components["schemas"]["__schema273"];
        };
        __schema273: string;
        __schema274: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "text";
            text: components["schemas"]["__schema273"];
            /**
             * @default plain
             * @enum {string}
             */
            tone: "plain" | "quiet" | "strong" | "done" | "mind" | "stop";
        };
        __schema275: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "list";
            items: components["schemas"]["__schema273"][];
        };
        __schema276: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "facts";
            rows: components["schemas"]["__schema277"][];
        };
        __schema277: [
            components["schemas"]["__schema273"],
            components["schemas"]["__schema273"]
        ];
        __schema278: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "table";
            columns: components["schemas"]["__schema279"][];
            rows: components["schemas"]["__schema280"][];
            total?: components["schemas"]["__schema273"][];
        };
        __schema279: {
            head: components["schemas"]["__schema273"];
            /**
             * @default left
             * @enum {string}
             */
            align: "left" | "right";
            /** @default 0 */
            share: number;
        };
        __schema280: {
            cells: components["schemas"]["__schema273"][];
            /**
             * @default plain
             * @enum {string}
             */
            tone: "plain" | "part" | "struck" | "strong";
            /** @default [] */
            notes: components["schemas"]["__schema273"][];
        };
        __schema281: number;
        __schema282: {
            /** @constant */
            kind: "path";
            points: components["schemas"]["__schema283"][];
            closed: boolean;
            stroke?: components["schemas"]["__schema284"];
            fill?: components["schemas"]["__schema284"];
            width: components["schemas"]["__schema281"];
            dash?: components["schemas"]["__schema281"][];
        } | {
            /** @constant */
            kind: "dot";
            at: components["schemas"]["__schema283"];
            radius: components["schemas"]["__schema281"];
            fill: components["schemas"]["__schema284"];
        } | {
            /** @constant */
            kind: "text";
            at: components["schemas"]["__schema283"];
            text: string;
            size: components["schemas"]["__schema281"];
            /**
             * @default start
             * @enum {string}
             */
            align: "start" | "middle" | "end";
            /** @default false */
            bold: boolean;
            /** @default ink */
            fill: components["schemas"]["__schema284"];
            turnDeg?: number;
        };
        __schema283: [
            components["schemas"]["__schema281"],
            components["schemas"]["__schema281"]
        ];
        /** @enum {string} */
        __schema284: "ink" | "quiet" | "line" | "done" | "mind" | "stop" | "soft" | "paper" | "film0" | "film1" | "film2" | "film3" | "film4" | "film5" | "damp0" | "damp1" | "damp2";
        __schema285: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "pictures";
            items: components["schemas"]["__schema286"][];
        };
        __schema286: {
            sha256: string;
            caption: components["schemas"]["__schema273"];
            /** @default [] */
            shapes: components["schemas"]["__schema282"][];
        };
        __schema287: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "contents";
            title: components["schemas"]["__schema273"];
        };
        __schema288: {
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
        __schema289: components["schemas"]["__schema272"] | components["schemas"]["__schema274"] | components["schemas"]["__schema275"] | components["schemas"]["__schema276"] | components["schemas"]["__schema278"] | components["schemas"]["drawing"] | components["schemas"]["__schema285"] | components["schemas"]["__schema287"] | components["schemas"]["__schema288"];
        __schema290: {
            alongM: number;
            acrossM: number;
        };
        __schema291: {
            tempC: number;
            at: components["schemas"]["instant"];
        };
        __schema292: {
            airC: number;
            humidityPct: number;
            surfaceC: number;
        };
        id: string;
        name: string;
        /** Format: date-time */
        instant: string;
        /** @enum {string} */
        source: "measured" | "data sheet" | "typical" | "assumed" | "definition" | "chosen";
        jobHead: {
            name: components["schemas"]["name"];
            place: string;
            timeZone: string;
            units: components["schemas"]["__schema1"];
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
            practice: components["schemas"]["__schema2"];
            holdPoints: components["schemas"]["__schema7"][];
            otherAccepts?: boolean;
        };
        survey: {
            zones: components["schemas"]["zone"][];
            origin?: {
                lonDeg: number;
                latDeg: number;
                bearingDeg?: number;
            };
            underlay?: {
                fileId: components["schemas"]["id"];
                name: components["schemas"]["name"];
                widthPx: number;
                heightPx: number;
                metresPerPx: number;
                xM: components["schemas"]["__schema16"];
                yM: components["schemas"]["__schema16"];
                opacity: number;
            };
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
            /**
             * @default {
             *       "xM": 0,
             *       "yM": 0,
             *       "turnDeg": 0
             *     }
             */
            plot: {
                xM: components["schemas"]["__schema16"];
                yM: components["schemas"]["__schema16"];
                turnDeg: number;
            };
            /** @default [] */
            sides: components["schemas"]["__schema17"][];
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
            substrate?: {
                /** @enum {string} */
                kind: "concrete-new" | "concrete-old" | "screed" | "boards" | "metal" | "asphalt" | "bitumen-smooth" | "bitumen-granules" | "gravelled-felt" | "pvc-sheet" | "tpo-sheet" | "rubber-sheet" | "fibreglass" | "foam" | "tiles" | "acrylic-coating" | "polyurethane-coating" | "bitumen-coating" | "silicone";
                /** Format: date */
                laidOn?: string;
                /** @enum {string} */
                colour?: "light" | "middling" | "dark";
                sunShare?: number;
            };
            /** @default [] */
            findings: components["schemas"]["__schema27"][];
            /** @default [] */
            tests: components["schemas"]["__schema28"][];
            family?: components["schemas"]["__schema36"];
            deckLoad?: {
                kgPerM2: number;
                says: string;
            };
            note: string;
        };
        outline: {
            /** @constant */
            kind: "walk";
            legs: components["schemas"]["__schema9"][];
            adjustmentAccepted: boolean;
        } | {
            /** @constant */
            kind: "taped";
            corners: components["schemas"]["__schema11"][];
            sidesM: components["schemas"]["__schema12"][];
            diagonals: components["schemas"]["__schema13"][];
            adjustmentAccepted: boolean;
        } | {
            /** @constant */
            kind: "estimated";
            areaM2: number;
            perimeterM?: components["schemas"]["__schema10"];
            risingM?: number;
        } | {
            /** @constant */
            kind: "points";
            points: components["schemas"]["__schema14"];
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
            /**
             * @default roof-light
             * @enum {string}
             */
            kind: "roof-light" | "stair-head" | "hatch" | "plinth" | "machine" | "void";
            /**
             * @default {
             *       "kind": "upstand",
             *       "heightMm": 150,
             *       "termination": "open"
             *     }
             */
            edge: components["schemas"]["edge"];
            shape: {
                /** @constant */
                kind: "rectangle";
                alongM: components["schemas"]["__schema16"];
                acrossM: components["schemas"]["__schema16"];
                lengthM: components["schemas"]["__schema10"];
                widthM: components["schemas"]["__schema10"];
            } | {
                /** @constant */
                kind: "circle";
                alongM: components["schemas"]["__schema16"];
                acrossM: components["schemas"]["__schema16"];
                diameterM: components["schemas"]["__schema10"];
            } | {
                /** @constant */
                kind: "points";
                points: components["schemas"]["__schema14"];
            };
        };
        feature: {
            id: components["schemas"]["id"];
            kind: components["schemas"]["__schema18"];
            count: components["schemas"]["__schema19"];
            at: components["schemas"]["__schema20"];
            to?: components["schemas"]["__schema21"];
            sizes: components["schemas"]["__schema22"];
            rimM?: components["schemas"]["__schema23"];
            note: components["schemas"]["__schema24"];
        };
        levels: {
            /** @enum {string} */
            given: "height" | "staff";
            points: components["schemas"]["__schema25"][];
            breakLines: components["schemas"]["__schema26"][];
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
            zones: components["schemas"]["__schema125"][];
        };
        buildUp: {
            id: components["schemas"]["id"];
            revision: number;
            taken?: {
                revision: number;
            };
            name: components["schemas"]["name"];
            family: components["schemas"]["__schema36"];
            summary: string;
            /** @enum {string} */
            acceptance: "average-and-spots" | "mean-and-share" | "minimum";
            leastDryFilmMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
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
            slopeMaxPct?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default [] */
            choices: components["schemas"]["__schema38"][];
            detailsAfter?: components["schemas"]["id"];
            details?: components["schemas"]["detailRules"];
            detailWays?: components["schemas"]["__schema43"][];
            layers: components["schemas"]["layer"][];
            upkeep?: {
                recoatYears?: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /** @default [] */
                recoatLayers: components["schemas"]["id"][];
                lifeYears: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                inspectPerYear: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /** @default  */
                note: string;
            };
            cautions: components["schemas"]["__schema24"][];
            /** @default [] */
            papers: components["schemas"]["__schema124"][];
        };
        layer: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: components["schemas"]["__schema24"];
            only?: components["schemas"]["__schema46"];
            outputM2PerH?: components["schemas"]["__schema47"];
            product?: components["schemas"]["__schema48"];
            chemistry?: components["schemas"]["__schema51"];
            shade?: components["schemas"]["__schema52"];
            kind: components["schemas"]["__schema53"];
            role: components["schemas"]["__schema54"];
            treats?: components["schemas"]["__schema55"];
            fillsFromFallPct?: components["schemas"]["__schema56"];
            rate: components["schemas"]["__schema57"];
            says?: components["schemas"]["__schema70"];
            densityKgPerL: components["schemas"]["__schema71"];
            volumeSolids?: components["schemas"]["__schema72"];
            massSolids?: components["schemas"]["__schema72"];
            volatileKgPerL?: components["schemas"]["__schema74"];
            elongationPct?: components["schemas"]["__schema47"];
            blocksBleed?: components["schemas"]["__schema76"];
            containers: components["schemas"]["__schema77"];
            mix?: components["schemas"]["__schema79"];
            largestMixKg?: components["schemas"]["__schema81"];
            catalyst?: components["schemas"]["__schema82"];
            thickener?: components["schemas"]["__schema85"];
            thinning?: components["schemas"]["__schema87"];
            stirring?: components["schemas"]["__schema88"];
            potLife: components["schemas"]["__schema89"];
            kettle?: components["schemas"]["__schema95"];
            tools?: components["schemas"]["__schema96"];
            direction?: components["schemas"]["__schema99"];
            limits: components["schemas"]["limits"];
            cure: components["schemas"]["__schema100"];
            overcoatOpen?: components["schemas"]["__schema76"];
            ifMissed: components["schemas"]["__schema24"];
            missed?: components["schemas"]["__schema112"];
            remedies?: components["schemas"]["__schema114"];
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: components["schemas"]["__schema24"];
            only?: components["schemas"]["__schema46"];
            outputM2PerH?: components["schemas"]["__schema47"];
            product?: components["schemas"]["__schema48"];
            /** @constant */
            kind: "fabric";
            /** @enum {string} */
            material?: "polyester fleece" | "glass mat" | "polyester fabric" | "glass mesh";
            embeddedIn: components["schemas"]["id"];
            weightGPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            rollWidthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            rollLengthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            sideLapMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            endLapMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @enum {string} */
            direction?: "along the courses" | "across the layer below" | "any";
            /** @enum {string} */
            faceDown?: "fleecy" | "smooth" | "either";
            /** @enum {string} */
            where?: "throughout" | "details";
            /** @enum {string} */
            edges?: "alike" | "one frayed" | "one bare";
            reachMm?: components["schemas"]["__schema117"];
            otherRolls?: components["schemas"]["__schema119"];
            pricePerRoll?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: components["schemas"]["__schema24"];
            only?: components["schemas"]["__schema46"];
            outputM2PerH?: components["schemas"]["__schema47"];
            product?: components["schemas"]["__schema48"];
            /** @constant */
            kind: "broadcast";
            into: components["schemas"]["id"];
            /** @enum {string} */
            method: "light" | "at a rate" | "to refusal";
            grading: string;
            thrownKgPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            retainedKgPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            standsMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            bagKg: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            pricePerBag?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: components["schemas"]["__schema24"];
            only?: components["schemas"]["__schema46"];
            outputM2PerH?: components["schemas"]["__schema47"];
            product?: components["schemas"]["__schema48"];
            chemistry?: components["schemas"]["__schema51"];
            shade?: components["schemas"]["__schema52"];
            /** @constant */
            kind: "sheet";
            /** @enum {string} */
            bonding: "self-adhered" | "torched" | "cold adhesive" | "hot bonded" | "mechanically fixed";
            thicknessMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            weightKgPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            rollWidthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            rollLengthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            sideLapMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            endLapMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @enum {string} */
            offset: "none" | "centred on the ply below" | "crossed";
            staggerMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @enum {string} */
            surfacing: "film" | "sand" | "granules" | "foil" | "bare";
            /** @default  */
            granuleLaps: string;
            /** @enum {string} */
            edges?: "alike" | "one frayed" | "one bare";
            seam?: {
                /** @enum {string} */
                kind: "hot-air weld" | "tape" | "adhesive";
                widthMm: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
            };
            fasteners?: components["schemas"]["__schema121"];
            reachMm?: components["schemas"]["__schema117"];
            headNailsMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            temporaryNails?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            otherRolls?: components["schemas"]["__schema119"];
            relaxMinutes?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default [] */
            tools: components["schemas"]["__schema97"][];
            limits: components["schemas"]["limits"];
            ifMissed: string;
            /** @default {} */
            missed: components["schemas"]["__schema113"];
            remedies?: components["schemas"]["__schema115"];
            pricePerRoll?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: components["schemas"]["__schema24"];
            only?: components["schemas"]["__schema46"];
            outputM2PerH?: components["schemas"]["__schema47"];
            product?: components["schemas"]["__schema48"];
            /** @constant */
            kind: "protection";
            /** @enum {string} */
            material: "board" | "insulation board" | "fleece" | "drainage mat" | "sheet" | "pavers" | "mortar" | "gravel" | "soil build-up";
            /** @enum {string} */
            laid: "loose" | "bonded" | "embedded hot" | "mechanically fixed";
            thicknessMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            weightKgPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            pieceWidthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            pieceLengthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            lapMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            fasteners?: components["schemas"]["__schema121"];
            reachMm?: components["schemas"]["__schema117"];
            pricePerPiece?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: components["schemas"]["__schema24"];
            only?: components["schemas"]["__schema46"];
            outputM2PerH?: components["schemas"]["__schema47"];
            product?: components["schemas"]["__schema48"];
            /** @constant */
            kind: "pieces";
            heightMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            clearanceMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            skinAboveMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            pieces: components["schemas"]["__schema122"][];
            limits: components["schemas"]["limits"];
            ifMissed: string;
        };
        limits: {
            airMinC: {
                value: components["schemas"]["__schema84"];
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            airMaxC: {
                value: components["schemas"]["__schema84"];
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            surfaceMinC: {
                value: components["schemas"]["__schema84"];
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            surfaceMaxC: {
                value: components["schemas"]["__schema84"];
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            humidityMinPct?: {
                value: components["schemas"]["__schema65"];
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            humidityMaxPct: {
                value: components["schemas"]["__schema65"];
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            dewMarginK: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            risingWithinK?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            fallingSlab?: boolean;
            windSprayMaxMPerS?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            windHandMaxMPerS?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            dryHours?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            moistureMaxPct?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            noBelow?: {
                tempC: components["schemas"]["__schema84"];
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
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
                cites?: components["schemas"]["__schema37"];
            };
            rollLengthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            footMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            lapMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            ontoMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            pastSeamMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            clearMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            wingMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            outletSquareMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            outletDownMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            upMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            stripeMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            debondMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            ridgeMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            plies: number;
            plyStepMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            doubled: components["schemas"]["__schema40"][];
            underShare: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            timesField: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @enum {string} */
            fillet: "none" | "sealant" | "mortar";
            filletLegMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            mortarKgPerL: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            metalPrimerKgPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            granulesKgPerM2?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            barSpacingMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            barLengthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            longestM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @enum {string} */
            sealantOf?: "polyurethane, aromatic" | "polyurethane, aliphatic" | "methacrylate" | "epoxy" | "acrylic" | "silicone" | "bitumen emulsion" | "bitumen, hot" | "bitumen sheet" | "aluminium bitumen" | "cement, flexible" | "hybrid polymer" | "solvent primer" | "water-based primer" | "sealer, pourable" | "polyester resin" | "bitumen adhesive" | "contact adhesive" | "rubber sheet" | "thermoplastic sheet";
            /** @enum {string} */
            metalPrimerOf?: "polyurethane, aromatic" | "polyurethane, aliphatic" | "methacrylate" | "epoxy" | "acrylic" | "silicone" | "bitumen emulsion" | "bitumen, hot" | "bitumen sheet" | "aluminium bitumen" | "cement, flexible" | "hybrid polymer" | "solvent primer" | "water-based primer" | "sealer, pourable" | "polyester resin" | "bitumen adhesive" | "contact adhesive" | "rubber sheet" | "thermoplastic sheet";
            sundries: components["schemas"]["__schema41"][];
        };
        order: {
            wastePct: {
                liquid: components["schemas"]["__schema127"];
                fabric: components["schemas"]["__schema127"];
                aggregate: components["schemas"]["__schema127"];
                /**
                 * @default {
                 *       "value": 5,
                 *       "source": "typical"
                 *     }
                 */
                sheet: components["schemas"]["__schema127"];
                /**
                 * @default {
                 *       "value": 10,
                 *       "source": "typical"
                 *     }
                 */
                sundry: components["schemas"]["__schema127"];
            };
            /**
             * @default {
             *       "value": 8,
             *       "source": "typical"
             *     }
             */
            oversprayPct: components["schemas"]["__schema127"];
            /**
             * @default {
             *       "value": 0.15,
             *       "source": "typical"
             *     }
             */
            profileLPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
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
            /**
             * @default {
             *       "value": 700,
             *       "source": "typical"
             *     }
             */
            palletKg: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default [] */
            stock: components["schemas"]["__schema128"][];
            /** @default [] */
            deliveries: components["schemas"]["__schema129"][];
            /** @default [] */
            sheets: components["schemas"]["__schema130"][];
            /** @default {} */
            supplies: {
                /**
                 * @default {
                 *       "value": 5,
                 *       "source": "typical"
                 *     }
                 */
                seasonFromC: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 25,
                 *       "source": "typical"
                 *     }
                 */
                seasonToC: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 10,
                 *       "source": "typical"
                 *     }
                 */
                reservePct: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.03,
                 *       "source": "typical"
                 *     }
                 */
                washLPerM2: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.25,
                 *       "source": "typical"
                 *     }
                 */
                degreaserLPerM2: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 2,
                 *       "source": "typical"
                 *     }
                 */
                repairMortarKgPerL: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 1.7,
                 *       "source": "typical"
                 *     }
                 */
                fillerKgPerL: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 10,
                 *       "source": "typical"
                 *     }
                 */
                mortarMorePct: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 1,
                 *       "source": "typical"
                 *     }
                 */
                cleanerLPerToolDay: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 2,
                 *       "source": "typical"
                 *     }
                 */
                maskings: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.25,
                 *       "source": "typical"
                 *     }
                 */
                torchGasKgPerM2: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.05,
                 *       "source": "typical"
                 *     }
                 */
                kettleGasKgPerKg: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.4,
                 *       "source": "typical"
                 *     }
                 */
                seamAdhesiveKgPerM2: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
            };
            /** @default [] */
            offers: components["schemas"]["__schema131"][];
            pricesFrom?: components["schemas"]["id"];
            /** @default 0 */
            taxPct: string;
            /** @default {} */
            courses: components["schemas"]["courses"];
        };
        courses: {
            /** @default {} */
            rules: {
                /**
                 * @default {
                 *       "value": 33,
                 *       "source": "typical"
                 *     }
                 */
                upSlopeAbovePct: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /** @default {} */
                reachMm: {
                    /**
                     * @default {
                     *       "value": 0,
                     *       "source": "typical"
                     *     }
                     */
                    upstand: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 0,
                     *       "source": "typical"
                     *     }
                     */
                    parapet: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 0,
                     *       "source": "typical"
                     *     }
                     */
                    threshold: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 20,
                     *       "source": "typical"
                     *     }
                     */
                    drip: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 50,
                     *       "source": "typical"
                     *     }
                     */
                    gutter: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": -10,
                     *       "source": "typical"
                     *     }
                     */
                    joint: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 150,
                     *       "source": "typical"
                     *     }
                     */
                    "tie-in": {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 0,
                     *       "source": "typical"
                     *     }
                     */
                    free: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 0,
                     *       "source": "typical"
                     *     }
                     */
                    "wall-top": {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 0,
                     *       "source": "typical"
                     *     }
                     */
                    footing: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                };
                /**
                 * @default {
                 *       "value": 10,
                 *       "source": "typical"
                 *     }
                 */
                openingClearMm: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.5,
                 *       "source": "typical"
                 *     }
                 */
                outletClearM: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 1,
                 *       "source": "typical"
                 *     }
                 */
                leastPieceM: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 150,
                 *       "source": "typical"
                 *     }
                 */
                leastTopMm: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.3,
                 *       "source": "typical"
                 *     }
                 */
                staggerM: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.3,
                 *       "source": "typical"
                 *     }
                 */
                leastBoardM: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.2,
                 *       "source": "typical"
                 *     }
                 */
                lapPrimerKgPerM2: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default cap strip
                 * @enum {string}
                 */
                ridge: "cap strip" | "fold over";
                /**
                 * @default {
                 *       "value": 200,
                 *       "source": "typical"
                 *     }
                 */
                ridgeReachMm: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
            };
            /** @default [] */
            plans: components["schemas"]["coursePlan"][];
        };
        coursePlan: {
            zoneId: components["schemas"]["id"];
            layerId: components["schemas"]["id"];
            /**
             * @default by the fall
             * @enum {string}
             */
            way: "by the fall" | "across the fall" | "up the fall" | "along a side";
            side?: number;
            firstM?: number;
            /** @default [] */
            fixed: components["schemas"]["__schema134"][];
            /** @default [] */
            keepOff: components["schemas"]["__schema135"][];
        };
        programme: {
            /** @default [] */
            crews: components["schemas"]["crew"][];
            /** @default {} */
            hours: {
                /** @default 07:00 */
                from: components["schemas"]["__schema139"];
                /** @default 16:30 */
                to: components["schemas"]["__schema139"];
                /** @default 12:00 */
                breakFrom: components["schemas"]["__schema139"];
                /** @default 30 */
                breakMin: number;
                /**
                 * @default [
                 *       1,
                 *       2,
                 *       3,
                 *       4,
                 *       5
                 *     ]
                 */
                days: components["schemas"]["__schema140"][];
            };
            /** @default [] */
            off: components["schemas"]["__schema141"][];
            inspector?: {
                /** @default 11:00 */
                from: components["schemas"]["__schema139"];
                /** @default 12:00 */
                to: components["schemas"]["__schema139"];
                /**
                 * @default [
                 *       1,
                 *       2,
                 *       3,
                 *       4,
                 *       5
                 *     ]
                 */
                days: components["schemas"]["__schema140"][];
            };
            /** @default [] */
            contacts: components["schemas"]["__schema143"][];
            /** @default {} */
            machines: {
                /** @default 1 */
                sprayers: number;
                /** @default 1 */
                kettles: number;
            };
            /** @default {} */
            times: {
                /**
                 * @default {
                 *       "value": 20,
                 *       "source": "typical"
                 *     }
                 */
                setUpMin: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 20,
                 *       "source": "typical"
                 *     }
                 */
                clearMin: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 20,
                 *       "source": "typical"
                 *     }
                 */
                moveMin: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 10,
                 *       "source": "typical"
                 *     }
                 */
                changeMin: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /** @default {} */
                stepMin: {
                    [key: string]: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                };
            };
            /** @default {} */
            costs: {
                /** @default [] */
                items: components["schemas"]["__schema144"][];
                addPct?: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
            };
            loud?: {
                /** @default 09:00 */
                from: components["schemas"]["__schema139"];
                /** @default 16:00 */
                to: components["schemas"]["__schema139"];
            };
            /** @default [] */
            taken: components["schemas"]["__schema145"][];
            /** @default [] */
            apart: components["schemas"]["__schema146"][];
            /** @default [] */
            opened: components["schemas"]["id"][];
            /** @default [] */
            floods: components["schemas"]["__schema147"][];
            /** @default [] */
            expects: components["schemas"]["__schema148"][];
            /** @default [] */
            deadlines: components["schemas"]["__schema149"][];
            /** @default [] */
            pins: components["schemas"]["__schema150"][];
            kept?: components["schemas"]["__schema151"];
            baseline?: components["schemas"]["__schema151"];
        };
        crew: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            people: number;
            /** @default [] */
            names: components["schemas"]["name"][];
            /** @default [] */
            skills: components["schemas"]["__schema136"][];
            /** @default [] */
            off: components["schemas"]["__schema137"][];
            /** @default [] */
            only: components["schemas"]["__schema137"][];
            ratePerH?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        proving: {
            /** @default [] */
            demands: components["schemas"]["__schema153"][];
            /** @default [] */
            guarantees: components["schemas"]["__schema155"][];
        };
        site: {
            bays: components["schemas"]["bay"][];
            cuts: components["schemas"]["__schema159"][];
            /** @default [] */
            access: components["schemas"]["__schema160"][];
        };
        bay: {
            id: components["schemas"]["id"];
            zoneId: components["schemas"]["id"];
            label: string;
            parts: components["schemas"]["__schema157"][];
        };
        weather: {
            place?: components["schemas"]["__schema161"];
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
                originAt?: components["schemas"]["__schema162"];
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
            kind: components["schemas"]["__schema163"];
            source: components["schemas"]["name"];
            simulated?: components["schemas"]["__schema34"];
            place?: components["schemas"]["__schema166"];
            issuedAt: components["schemas"]["instant"];
            startAt: components["schemas"]["__schema162"];
            hours: components["schemas"]["__schema167"];
            columns: components["schemas"]["weatherColumns"];
            members?: components["schemas"]["__schema177"];
        };
        weatherColumns: {
            airC?: components["schemas"]["__schema168"][];
            humidityPct?: components["schemas"]["__schema169"][];
            rainMm?: components["schemas"]["__schema170"][];
            rainChancePct?: components["schemas"]["__schema171"][];
            windMPerS?: components["schemas"]["__schema172"][];
            gustMPerS?: components["schemas"]["__schema173"][];
            cloudPct?: components["schemas"]["__schema171"][];
            sunWPerM2?: components["schemas"]["__schema175"][];
            surfaceC?: components["schemas"]["__schema176"][];
        };
        entry: components["schemas"]["entrySecondForm"] | components["schemas"]["entryFirstForm"];
        entryFirstForm: {
            id: components["schemas"]["id"];
            madeAt: components["schemas"]["instant"];
            who: components["schemas"]["__schema179"];
            supersedes?: components["schemas"]["__schema37"];
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
            who: components["schemas"]["__schema179"];
            supersedes?: components["schemas"]["__schema37"];
            /** @constant */
            kind: "coat";
            bayId: components["schemas"]["id"];
            buildUpId: components["schemas"]["id"];
            revision: number;
            layerId: components["schemas"]["id"];
            startedAt: components["schemas"]["instant"];
            finishedAt?: components["schemas"]["instant"];
            containers: components["schemas"]["__schema253"][];
            leftOver: {
                /** @enum {string} */
                basis: "mass" | "volume";
                value: number;
            };
            /** @enum {string} */
            gauge: "fine" | "middle" | "deep" | "probe" | "mil-fine" | "mil-middle" | "mil-deep" | "mil-probe";
            lastWetMm: components["schemas"]["__schema254"][];
            note: string;
        } | {
            id: components["schemas"]["id"];
            madeAt: components["schemas"]["instant"];
            who: components["schemas"]["__schema179"];
            supersedes?: components["schemas"]["__schema37"];
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
            who: components["schemas"]["__schema179"];
            supersedes?: components["schemas"]["__schema37"];
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
            who: components["schemas"]["__schema179"];
            supersedes?: components["schemas"]["__schema37"];
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
            who: components["schemas"]["__schema179"];
            supersedes: components["schemas"]["id"];
            /** @constant */
            kind: "withdrawal";
            reason: string;
        };
        entrySecondForm: {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "conditions";
            body: {
                at: components["schemas"]["__schema199"];
                airC: number;
                humidityPct: number;
                surfaceC: number;
                windMPerS?: number;
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "preparation";
            body: {
                at: components["schemas"]["__schema199"];
                startedAt?: components["schemas"]["__schema199"];
                steps: components["schemas"]["__schema214"][];
                complete: boolean;
                method?: string;
                tip?: components["schemas"]["__schema215"];
                pressureBar?: components["schemas"]["__schema216"];
                product?: string;
                waterParts?: number;
                litres?: components["schemas"]["__schema217"];
                dwellMin?: number;
                dryingFrom?: components["schemas"]["__schema199"];
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "test";
            body: {
                at: components["schemas"]["__schema199"];
                test: components["schemas"]["__schema29"];
                instrument: components["schemas"]["name"];
                value: components["schemas"]["__schema33"];
                scale?: components["schemas"]["__schema30"];
                unprimed: components["schemas"]["__schema76"];
                brokeAt?: components["schemas"]["__schema224"];
                brokePct?: components["schemas"]["__schema225"];
                broughtOverFrom?: components["schemas"]["__schema37"];
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "trial";
            body: {
                at: components["schemas"]["__schema199"];
                /** @enum {string} */
                about: "spray" | "thickener" | "adhesion" | "fill rate" | "colour";
                layerId?: components["schemas"]["id"];
                judgedAt?: components["schemas"]["__schema199"];
                /** @enum {string} */
                result?: "good" | "not good" | "try again";
                decidedBy?: string;
                areaM2?: number;
                litres?: components["schemas"]["__schema217"];
                thickenerPct?: number;
                shade?: string;
                tip?: components["schemas"]["__schema215"];
                pressureBar?: components["schemas"]["__schema216"];
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "coat";
            body: {
                buildUpId: components["schemas"]["id"];
                revision: components["schemas"]["__schema227"];
                layerId: components["schemas"]["id"];
                startedAt: components["schemas"]["__schema199"];
                finishedAt?: components["schemas"]["__schema199"];
                containers: components["schemas"]["__schema228"][];
                leftOver: {
                    /** @enum {string} */
                    basis: "mass" | "volume";
                    value: number;
                };
                gauge: ("fine" | "middle" | "deep" | "probe" | "mil-fine" | "mil-middle" | "mil-deep" | "mil-probe") | components["schemas"]["id"];
                teethMm?: components["schemas"]["__schema230"];
                readings: components["schemas"]["__schema232"][];
                /** @enum {string} */
                method?: "rolled" | "sprayed" | "poured" | "trowelled" | "brushed" | "broomed";
                tip?: components["schemas"]["__schema215"];
                pressureBar?: components["schemas"]["__schema216"];
                dilutionPct?: number;
                shade?: string;
                passes?: number;
                against?: string;
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "ply";
            body: {
                buildUpId: components["schemas"]["id"];
                revision: components["schemas"]["__schema227"];
                layerId: components["schemas"]["id"];
                startedAt: components["schemas"]["__schema199"];
                finishedAt: components["schemas"]["__schema199"];
                used: number;
                batch: components["schemas"]["__schema229"];
                looked: boolean;
                against?: string;
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "broadcast";
            body: {
                /** @constant */
                step: "thrown";
                buildUpId: components["schemas"]["id"];
                revision: components["schemas"]["__schema227"];
                layerId: components["schemas"]["id"];
                at: components["schemas"]["__schema199"];
                /** @enum {string} */
                method: "light" | "at a rate" | "to refusal";
                bags: number;
                thrownKg: components["schemas"]["__schema217"];
                batch: components["schemas"]["__schema229"];
                note?: components["schemas"]["__schema218"];
            } | {
                /** @constant */
                step: "swept";
                buildUpId: components["schemas"]["id"];
                revision: components["schemas"]["__schema227"];
                layerId: components["schemas"]["id"];
                at: components["schemas"]["__schema199"];
                sweptKg: components["schemas"]["__schema217"];
                backKg: components["schemas"]["__schema217"];
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "mix";
            body: {
                buildUpId: components["schemas"]["id"];
                revision: components["schemas"]["__schema227"];
                layerId: components["schemas"]["id"];
                at: components["schemas"]["__schema199"];
                parts: components["schemas"]["__schema238"][];
                catalystPct?: number;
                resinC?: components["schemas"]["__schema239"];
                surfaceC?: components["schemas"]["__schema239"];
                airC?: components["schemas"]["__schema239"];
                stirredMin?: number;
                placedAt?: components["schemas"]["__schema199"];
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "melt";
            body: {
                buildUpId: components["schemas"]["id"];
                revision: components["schemas"]["__schema227"];
                layerId: components["schemas"]["id"];
                charge: number;
                litAt: components["schemas"]["__schema199"];
                offAt?: components["schemas"]["__schema199"];
                blocks: number;
                chargedKg: components["schemas"]["__schema217"];
                temperatures: components["schemas"]["__schema240"][];
                drawnKg: components["schemas"]["__schema217"];
                leftKg: components["schemas"]["__schema217"];
                batch: components["schemas"]["__schema229"];
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "permit";
            body: {
                /** @constant */
                step: "opened";
                at: components["schemas"]["__schema199"];
                number: string;
                issuedBy: string;
                work: string;
                until: components["schemas"]["__schema199"];
                note?: components["schemas"]["__schema218"];
            } | {
                /** @constant */
                step: "closed";
                at: components["schemas"]["__schema199"];
                permitId: components["schemas"]["id"];
                closedBy: string;
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "watch";
            body: {
                /** @constant */
                step: "opened";
                at: components["schemas"]["__schema199"];
                watcher: string;
                until: components["schemas"]["__schema199"];
                extinguisher: boolean;
                permitId?: components["schemas"]["id"];
                note?: components["schemas"]["__schema218"];
            } | {
                /** @constant */
                step: "closed";
                at: components["schemas"]["__schema199"];
                watchId: components["schemas"]["id"];
                nothingFound: boolean;
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "dry film";
            body: {
                at: components["schemas"]["__schema199"];
                layerId?: components["schemas"]["id"];
                /** @enum {string} */
                gauge: "magnetic" | "eddy current" | "ultrasonic" | "cut-out";
                instrument: string;
                /** @enum {string} */
                ground: "steel" | "other metal" | "concrete" | "timber" | "other";
                /** @enum {string} */
                when: "before" | "after";
                zeroUm?: number;
                shims: components["schemas"]["__schema241"][];
                readingsUm: components["schemas"]["__schema242"][];
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "gauge";
            body: {
                name: string;
                /** @enum {string} */
                marked: "mm" | "mil";
                teethMm: components["schemas"]["__schema230"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "flood";
            body: {
                /** @constant */
                step: "filled";
                at: components["schemas"]["__schema199"];
                deepestMm: number;
                levelMm: components["schemas"]["__schema243"];
                panMm?: components["schemas"]["__schema243"];
                plugged: number;
                hours: number;
                note?: components["schemas"]["__schema218"];
            } | {
                /** @constant */
                step: "read";
                at: components["schemas"]["__schema199"];
                floodId: components["schemas"]["id"];
                levelMm: components["schemas"]["__schema243"];
                panMm?: components["schemas"]["__schema244"];
                rainMm?: components["schemas"]["__schema245"];
                toppedUpToMm?: components["schemas"]["__schema243"];
                waterC?: components["schemas"]["__schema239"];
                note?: components["schemas"]["__schema218"];
            } | {
                /** @constant */
                step: "emptied";
                at: components["schemas"]["__schema199"];
                floodId: components["schemas"]["id"];
                levelMm?: components["schemas"]["__schema243"];
                panMm?: components["schemas"]["__schema244"];
                rainMm?: components["schemas"]["__schema245"];
                unplugged: number;
                /** @enum {string} */
                below: "dry" | "wet" | "not looked at";
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "leak test";
            body: {
                at: components["schemas"]["__schema199"];
                /** @enum {string} */
                method: "spark" | "low voltage" | "smoke" | "tracer gas";
                instrument: string;
                volts?: number;
                finds: components["schemas"]["__schema246"][];
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "snag";
            body: {
                /** @constant */
                step: "found";
                at: components["schemas"]["__schema199"];
                what: string;
                forWhom?: string;
                /** Format: date */
                by?: string;
            } | {
                /** @enum {string} */
                step: "done" | "accepted" | "refused";
                at: components["schemas"]["__schema199"];
                snagId: components["schemas"]["id"];
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "upkeep";
            body: {
                /** @constant */
                step: "handed over";
                at: components["schemas"]["__schema199"];
                to: string;
                unproven: components["schemas"]["__schema179"][];
                note?: components["schemas"]["__schema218"];
            } | {
                /** @constant */
                step: "visit";
                at: components["schemas"]["__schema199"];
                done: components["schemas"]["__schema248"][];
                details: components["schemas"]["id"][];
                topUm: components["schemas"]["__schema249"][];
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "event";
            body: {
                at: components["schemas"]["__schema199"];
                /** @enum {string} */
                what: "rain" | "shoes" | "traffic" | "standing water" | "spill" | "damage" | "stop of work";
                until?: components["schemas"]["__schema199"];
                rainMm?: number;
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "opening";
            body: {
                at: components["schemas"]["__schema199"];
                /** @enum {string} */
                to: "rain" | "feet" | "wheels" | "water" | "backfill" | "tiles";
                /** @enum {string} */
                step: "opened" | "closed";
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "decision";
            body: {
                at: components["schemas"]["__schema199"];
                /** @enum {string} */
                what: "held" | "released" | "accepted" | "refused" | "gate taken over";
                about?: {
                    layerId?: components["schemas"]["id"];
                    gate?: string;
                    entryId?: components["schemas"]["id"];
                    /** @enum {string} */
                    limit?: "overcoatUntil" | "overcoatFrom" | "rainSafe" | "dewMargin" | "surfaceMin" | "surfaceMax" | "humidity" | "wind" | "moisture" | "noBelow" | "potLife" | "leastRate" | "mostRate" | "foot" | "wheels";
                };
                licence?: string;
                reason: string;
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "detail";
            body: {
                at: components["schemas"]["__schema199"];
                detailId: string;
                name: string;
                /** @enum {string} */
                step: "made" | "accepted" | "refused";
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "remedy";
            body: {
                at: components["schemas"]["__schema199"];
                entryId: components["schemas"]["id"];
                /** @enum {string} */
                limit: "overcoatUntil" | "overcoatFrom" | "rainSafe" | "dewMargin" | "surfaceMin" | "surfaceMax" | "humidity" | "wind" | "moisture" | "noBelow" | "potLife" | "leastRate" | "mostRate" | "foot" | "wheels";
                steps: components["schemas"]["__schema250"][];
                product?: string;
                litres?: components["schemas"]["__schema217"];
                batch?: components["schemas"]["__schema229"];
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "stock";
            body: {
                at: components["schemas"]["__schema199"];
                /** @enum {string} */
                step: "came" | "opened" | "left over" | "used up" | "thrown away" | "back";
                item: string;
                name: string;
                count?: number;
                amount?: number;
                /** @enum {string} */
                unit?: "kg" | "L" | "m²" | "m" | "pieces";
                batch: components["schemas"]["__schema229"];
                /** Format: date */
                bestBefore?: string;
                paper?: string;
                note?: components["schemas"]["__schema218"];
            };
        } | {
            form: components["schemas"]["__schema198"];
            id: components["schemas"]["id"];
            personId: components["schemas"]["id"];
            deviceId: components["schemas"]["id"];
            madeAt: components["schemas"]["__schema199"];
            offsetMs?: components["schemas"]["__schema200"];
            zoneId?: components["schemas"]["__schema37"];
            bays: components["schemas"]["__schema202"];
            place?: components["schemas"]["__schema21"];
            attachments: components["schemas"]["__schema205"];
            marks?: components["schemas"]["__schema207"];
            supersedes?: components["schemas"]["__schema37"];
            signature?: components["schemas"]["__schema211"];
            version: components["schemas"]["__schema213"];
            /** @constant */
            kind: "withdrawal";
            body: {
                reason: string;
                undone?: boolean;
            };
        };
        drawing: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "drawing";
            label: string;
            frame: [
                components["schemas"]["__schema281"],
                components["schemas"]["__schema281"],
                components["schemas"]["__schema281"],
                components["schemas"]["__schema281"]
            ];
            widthMm?: number;
            /** @default 120 */
            mostHeightMm: number;
            shapes: components["schemas"]["__schema282"][];
        };
        __schema304: {
            id: components["schemas"]["__schema193"];
            version: components["schemas"]["__schema5"];
            archived: components["schemas"]["__schema76"];
            createdAt: components["schemas"]["__schema193"];
            job: components["schemas"]["jobHeadOutput"];
        };
        __schema324: {
            id: components["schemas"]["id"];
            kind: components["schemas"]["__schema29"];
            scale?: components["schemas"]["__schema30"];
            at?: components["schemas"]["__schema21"];
            takenAt: components["schemas"]["instant"];
            instrument: components["schemas"]["name"];
            value: components["schemas"]["__schema33"];
            unprimed: components["schemas"]["__schema34"];
            note: components["schemas"]["__schema24"];
        };
        __schema344: {
            name?: components["schemas"]["name"];
            shelfLifeMonths?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            openedDays?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default [] */
            hazards: components["schemas"]["__schema49"][];
            /** @default [] */
            cautions: components["schemas"]["__schema24"][];
            /** @enum {string} */
            cleaner?: "water" | "solvent" | "resin cleaner" | "wiped dry" | "oil cleaner";
        };
        __schema353: {
            basis: components["schemas"]["__schema58"];
            value: components["schemas"]["__schema59"];
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            range?: components["schemas"]["__schema60"];
            tolerancePct?: components["schemas"]["__schema64"];
            least?: components["schemas"]["__schema66"];
            most?: components["schemas"]["__schema67"];
            variants?: components["schemas"]["__schema364"];
        };
        __schema364: components["schemas"]["__schema365"][];
        __schema365: {
            /** @enum {string} */
            when: "slope" | "ramp" | "rough" | "absorbent" | "vertical" | "exposed edge" | "detail";
            /** @enum {string} */
            basis: "timesField" | "mass" | "volume" | "wetFilm" | "dryFilm";
            value: number;
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            /** @default  */
            note: string;
        };
        __schema375: {
            /** @enum {string} */
            by: "mass" | "volume";
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            /**
             * @default by weight
             * @enum {string}
             */
            split: "by weight" | "never";
            parts: components["schemas"]["__schema80"][];
        };
        __schema378: {
            source: components["schemas"]["source"];
            cites?: components["schemas"]["__schema37"];
            /** @default false */
            interpolate: boolean;
            points: components["schemas"]["__schema83"][];
        };
        __schema383: {
            with: components["schemas"]["name"];
            mostPct: {
                value: components["schemas"]["__schema65"];
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default  */
            note: string;
        };
        __schema384: {
            minutes: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            rpm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            restMinutes?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default  */
            note: string;
        };
        /** @default [] */
        __schema392: components["schemas"]["__schema393"][];
        __schema393: {
            /** @constant */
            kind: "roller";
            napMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            passMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            note: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "brush";
            note: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "broom";
            note: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "squeegee";
            note: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "notched trowel";
            /** @enum {string} */
            shape: "square" | "triangular";
            notchMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            angleDeg: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            note: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "trowel";
            note: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "spike roller";
            pinMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            note: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "airless spray";
            tipMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            fanDeg?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            pressureBar: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            overlapPct: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            note: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "gas torch";
            note: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "hot squeegee";
            note: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "hand roller";
            massKg?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            note: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "pouring jug";
            note: components["schemas"]["__schema98"];
        } | {
            /** @constant */
            kind: "cartridge gun";
            note: components["schemas"]["__schema98"];
        };
        __schema421: {
            zoneId: components["schemas"]["id"];
            buildUpId: components["schemas"]["id"];
            revision: number;
            /** @default [] */
            conditions: components["schemas"]["__schema126"][];
            /** @default {} */
            choices: {
                [key: string]: components["schemas"]["id"];
            };
            withoutPrimer?: boolean;
        };
        __schema427: {
            id: components["schemas"]["id"];
            supplier: components["schemas"]["name"];
            /** Format: date */
            on: string;
            /** Format: date */
            until?: string;
            currency: string;
            deliveryDays?: number;
            freight?: components["schemas"]["__schema132"];
            /** @default  */
            note: string;
            lines: components["schemas"]["__schema133"][];
        };
        __schema430: {
            id: components["schemas"]["id"];
            /** @default 0 */
            plane: number;
            course: number;
            fromM: number;
            toM: number;
        };
        __schema437: {
            /** Format: date */
            on: string;
            /** @default  */
            says: string;
        };
        __schema439: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            /** @default  */
            about: string;
            /** @default  */
            phone: string;
        };
        __schema441: {
            zoneId: components["schemas"]["id"];
            from: components["schemas"]["instant"];
            to: components["schemas"]["instant"];
            /** @default  */
            says: string;
        };
        __schema444: {
            zoneId: components["schemas"]["id"];
            fitAt: components["schemas"]["instant"];
            /** @default  */
            says: string;
        };
        __schema445: {
            id: components["schemas"]["id"];
            zoneId: components["schemas"]["id"];
            /** @enum {string} */
            what: "tight" | "feet" | "wheels" | "done";
            by: components["schemas"]["instant"];
            /** @default 0 */
            costPerDay: number;
        };
        __schema449: {
            zoneId: components["schemas"]["id"];
            /** @enum {string} */
            leak: "none" | "flood" | "detector" | "either";
            bondMPa?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            slip?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default false */
            dryFilm: boolean;
            /** @default false */
            pictures: boolean;
            says: components["schemas"]["__schema154"];
        };
        __schema451: {
            zoneId: components["schemas"]["id"];
            by: string;
            covers: string;
            years: number;
            /** Format: date */
            startsOn?: string;
            /** @default [] */
            demands: components["schemas"]["__schema156"][];
            visitsPerYear?: number;
            visitsBy: components["schemas"]["__schema154"];
            sentWithinDays?: number;
            /** Format: date */
            sentOn?: string;
        };
        __schema453: {
            at: components["schemas"]["__schema193"];
            until: components["schemas"]["__schema193"];
            forecastUntil: components["schemas"]["__schema193"];
            timeZone: components["schemas"]["__schema193"];
            season?: components["schemas"]["__schema193"];
            finish?: components["schemas"]["__schema193"];
            finishEightInTen?: components["schemas"]["__schema193"];
            noneBefore?: components["schemas"]["__schema193"];
            personHours: number;
            leastPersonHours: number;
            ways: number;
            crews: {
                id: components["schemas"]["__schema193"];
                name: components["schemas"]["__schema193"];
                people: number;
            }[];
            tasks: {
                id: components["schemas"]["__schema193"];
                kind: components["schemas"]["__schema193"];
                name: components["schemas"]["__schema193"];
                zoneId: components["schemas"]["__schema193"];
                bayId: components["schemas"]["__schema193"];
                bay: components["schemas"]["__schema193"];
                layerId?: components["schemas"]["__schema193"];
                crewId: components["schemas"]["__schema193"];
                start: components["schemas"]["__schema193"];
                end: components["schemas"]["__schema193"];
                late: boolean;
                rinsed: boolean;
                pinned: boolean;
                overcoatFrom?: components["schemas"]["__schema193"];
                overcoatUntil?: components["schemas"]["__schema193"];
                holds?: components["schemas"]["__schema455"];
                spoiled?: components["schemas"]["__schema455"];
            }[];
            deadlines: {
                id: components["schemas"]["__schema193"];
                zoneId: components["schemas"]["__schema193"];
                what: components["schemas"]["__schema193"];
                by: components["schemas"]["__schema193"];
                ready?: components["schemas"]["__schema193"];
                holds?: components["schemas"]["__schema455"];
            }[];
            deliveries: {
                name: components["schemas"]["__schema193"];
                on: components["schemas"]["__schema193"];
                usedBy: components["schemas"]["__schema193"];
                zones: components["schemas"]["__schema193"][];
                first?: components["schemas"]["__schema193"];
                last?: components["schemas"]["__schema193"];
            }[];
            price: {
                total: number;
                lines: {
                    kind: components["schemas"]["__schema193"];
                    name: components["schemas"]["__schema193"];
                    amount: number;
                }[];
                spread?: {
                    early?: number;
                    middle?: number;
                    late?: number;
                };
                missing: components["schemas"]["__schema193"][];
            };
            notPlanned: {
                bays: components["schemas"]["__schema193"][];
                name?: components["schemas"]["__schema193"];
                why: components["schemas"]["__schema193"];
            }[];
            sentences: components["schemas"]["__schema193"][];
        };
        __schema455: number;
        __schema460: {
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
                    actual?: components["schemas"]["__schema461"];
                    limit?: components["schemas"]["__schema461"];
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
        __schema461: {
            label: string;
            value: number;
            quantity: string;
            source: string;
        };
        __schema462: {
            says: string;
            bays: number;
            bayId: components["schemas"]["id"];
            zoneId: components["schemas"]["id"];
            /** Format: date-time */
            by?: string;
        };
        __schema463: {
            /** Format: date-time */
            at: string;
            says: string;
            bayId: components["schemas"]["id"];
        };
        __schema481: {
            hosts: {
                host: string;
                allowedAt: string;
            }[];
        };
        __schema482: {
            id: string;
            version: number;
            source: {
                name: components["schemas"]["__schema179"];
                kind: components["schemas"]["__schema180"];
                address: components["schemas"]["__schema181"];
                keyHeader?: components["schemas"]["__schema182"];
                leastMinutes: components["schemas"]["__schema183"];
                map: components["schemas"]["__schema488"];
            };
            hasKey: boolean;
            simulated: boolean;
        };
        __schema488: {
            format: components["schemas"]["__schema185"];
            list: components["schemas"]["__schema186"];
            shape: components["schemas"]["__schema187"];
            time?: components["schemas"]["__schema188"];
            clock?: components["schemas"]["__schema188"];
            timeIs: components["schemas"]["__schema191"];
            order: components["schemas"]["__schema192"];
            zone: components["schemas"]["__schema193"];
            rainOf: components["schemas"]["__schema194"];
            columns: components["schemas"]["__schema499"];
        };
        __schema499: components["schemas"]["__schema500"][];
        __schema500: {
            name: components["schemas"]["__schema6"];
            /** @enum {string} */
            as: "airC" | "dewC" | "humidityPct" | "rainMm" | "windMPerS" | "gustMPerS" | "cloudPct" | "sunWPerM2" | "surfaceC" | "rainChancePct" | "moisturePct";
            unit: string;
            /** @default false */
            members: boolean;
        };
        __schema560: {
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
            blocks: components["schemas"]["__schema561"][];
        };
        __schema561: components["schemas"]["__schema272"] | components["schemas"]["__schema564"] | components["schemas"]["__schema275"] | components["schemas"]["__schema276"] | components["schemas"]["__schema568"] | components["schemas"]["drawingOutput"] | components["schemas"]["__schema575"] | components["schemas"]["__schema287"] | components["schemas"]["__schema288"] | {
            /** @constant */
            kind: "group";
            blocks: components["schemas"]["__schema579"][];
        };
        __schema564: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "text";
            text: components["schemas"]["__schema273"];
            /**
             * @default plain
             * @enum {string}
             */
            tone: "plain" | "quiet" | "strong" | "done" | "mind" | "stop";
        };
        __schema568: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "table";
            columns: components["schemas"]["__schema569"][];
            rows: components["schemas"]["__schema570"][];
            total?: components["schemas"]["__schema273"][];
        };
        __schema569: {
            head: components["schemas"]["__schema273"];
            /**
             * @default left
             * @enum {string}
             */
            align: "left" | "right";
            /** @default 0 */
            share: number;
        };
        __schema570: {
            cells: components["schemas"]["__schema273"][];
            /**
             * @default plain
             * @enum {string}
             */
            tone: "plain" | "part" | "struck" | "strong";
            /** @default [] */
            notes: components["schemas"]["__schema273"][];
        };
        __schema572: {
            /** @constant */
            kind: "path";
            points: components["schemas"]["__schema283"][];
            closed: boolean;
            stroke?: components["schemas"]["__schema284"];
            fill?: components["schemas"]["__schema284"];
            width: components["schemas"]["__schema281"];
            dash?: components["schemas"]["__schema281"][];
        } | {
            /** @constant */
            kind: "dot";
            at: components["schemas"]["__schema283"];
            radius: components["schemas"]["__schema281"];
            fill: components["schemas"]["__schema284"];
        } | {
            /** @constant */
            kind: "text";
            at: components["schemas"]["__schema283"];
            text: string;
            size: components["schemas"]["__schema281"];
            /**
             * @default start
             * @enum {string}
             */
            align: "start" | "middle" | "end";
            /** @default false */
            bold: boolean;
            /** @default ink */
            fill: components["schemas"]["__schema284"];
            turnDeg?: number;
        };
        __schema575: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "pictures";
            items: components["schemas"]["__schema576"][];
        };
        __schema576: {
            sha256: string;
            caption: components["schemas"]["__schema273"];
            /** @default [] */
            shapes: components["schemas"]["__schema572"][];
        };
        __schema579: components["schemas"]["__schema272"] | components["schemas"]["__schema564"] | components["schemas"]["__schema275"] | components["schemas"]["__schema276"] | components["schemas"]["__schema568"] | components["schemas"]["drawingOutput"] | components["schemas"]["__schema575"] | components["schemas"]["__schema287"] | components["schemas"]["__schema288"];
        __schema580: {
            task: string;
        };
        __schema581: {
            what: components["schemas"]["__schema582"];
            from: components["schemas"]["__schema137"];
            to: components["schemas"]["__schema137"];
            state: components["schemas"]["__schema584"];
            entryId?: components["schemas"]["__schema37"];
            zoneId: components["schemas"]["id"];
            zoneName: string;
        };
        /** @enum {string} */
        __schema582: "visit" | "outlets" | "recoat" | "renewal" | "guarantee";
        /** @enum {string} */
        __schema584: "done" | "late" | "due" | "to come";
        __schema586: {
            version: number;
            settings: components["schemas"]["__schema2"];
        };
        __schema587: {
            /** @enum {string} */
            mode: "single" | "firm";
            firm?: string;
            account?: {
                id: string;
                personId: string;
                name: string;
                login: string | null;
                firmRole: ("owner" | "estimator" | "foreman" | "applicator" | "inspector") | null;
                jobRoles: {
                    [key: string]: "estimator" | "foreman" | "applicator" | "inspector" | "client";
                };
                onlyJob?: string;
            };
            guest?: {
                jobId: string;
                /** @enum {string} */
                opens: "job" | "handover";
                until: string;
            };
        };
        __schema591: components["schemas"]["__schema193"] | null;
        __schema592: {
            code: string;
            until: components["schemas"]["__schema193"];
        };
        __schema593: {
            since: string | null;
        };
        __schema594: {
            challenge: string;
        } & {
            [key: string]: unknown;
        };
        __schema599: string | null;
        __schema603: {
            sha256: string;
            base64: string;
        };
        __schema604: {
            id: string;
            base64: string;
        };
        __schema606: {
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
        storedEntry: {
            seq: number;
            receivedAt: components["schemas"]["__schema199"];
            previousHash: components["schemas"]["__schema206"];
            hash: components["schemas"]["__schema206"];
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
            origin?: {
                lonDeg: number;
                latDeg: number;
                bearingDeg?: number;
            };
            underlay?: {
                fileId: components["schemas"]["id"];
                name: components["schemas"]["name"];
                widthPx: number;
                heightPx: number;
                metresPerPx: number;
                xM: components["schemas"]["__schema16"];
                yM: components["schemas"]["__schema16"];
                opacity: number;
            };
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
            /**
             * @default {
             *       "xM": 0,
             *       "yM": 0,
             *       "turnDeg": 0
             *     }
             */
            plot: {
                xM: components["schemas"]["__schema16"];
                yM: components["schemas"]["__schema16"];
                turnDeg: number;
            };
            /** @default [] */
            sides: components["schemas"]["__schema17"][];
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
            substrate?: {
                /** @enum {string} */
                kind: "concrete-new" | "concrete-old" | "screed" | "boards" | "metal" | "asphalt" | "bitumen-smooth" | "bitumen-granules" | "gravelled-felt" | "pvc-sheet" | "tpo-sheet" | "rubber-sheet" | "fibreglass" | "foam" | "tiles" | "acrylic-coating" | "polyurethane-coating" | "bitumen-coating" | "silicone";
                /** Format: date */
                laidOn?: string;
                /** @enum {string} */
                colour?: "light" | "middling" | "dark";
                sunShare?: number;
            };
            /** @default [] */
            findings: components["schemas"]["__schema27"][];
            /** @default [] */
            tests: components["schemas"]["__schema324"][];
            family?: components["schemas"]["__schema36"];
            deckLoad?: {
                kgPerM2: number;
                says: string;
            };
            note: string;
        };
        openingOutput: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            /**
             * @default roof-light
             * @enum {string}
             */
            kind: "roof-light" | "stair-head" | "hatch" | "plinth" | "machine" | "void";
            /**
             * @default {
             *       "kind": "upstand",
             *       "heightMm": 150,
             *       "termination": "open"
             *     }
             */
            edge: components["schemas"]["edge"];
            shape: {
                /** @constant */
                kind: "rectangle";
                alongM: components["schemas"]["__schema16"];
                acrossM: components["schemas"]["__schema16"];
                lengthM: components["schemas"]["__schema10"];
                widthM: components["schemas"]["__schema10"];
            } | {
                /** @constant */
                kind: "circle";
                alongM: components["schemas"]["__schema16"];
                acrossM: components["schemas"]["__schema16"];
                diameterM: components["schemas"]["__schema10"];
            } | {
                /** @constant */
                kind: "points";
                points: components["schemas"]["__schema14"];
            };
        };
        buildUpsOutput: {
            buildUps: components["schemas"]["buildUpOutput"][];
            zones: components["schemas"]["__schema421"][];
        };
        buildUpOutput: {
            id: components["schemas"]["id"];
            revision: number;
            taken?: {
                revision: number;
            };
            name: components["schemas"]["name"];
            family: components["schemas"]["__schema36"];
            summary: string;
            /** @enum {string} */
            acceptance: "average-and-spots" | "mean-and-share" | "minimum";
            leastDryFilmMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
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
            slopeMaxPct?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default [] */
            choices: components["schemas"]["__schema38"][];
            detailsAfter?: components["schemas"]["id"];
            details?: components["schemas"]["detailRules"];
            detailWays?: components["schemas"]["__schema43"][];
            layers: components["schemas"]["layerOutput"][];
            upkeep?: {
                recoatYears?: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /** @default [] */
                recoatLayers: components["schemas"]["id"][];
                lifeYears: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                inspectPerYear: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /** @default  */
                note: string;
            };
            cautions: components["schemas"]["__schema24"][];
            /** @default [] */
            papers: components["schemas"]["__schema124"][];
        };
        layerOutput: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: components["schemas"]["__schema24"];
            only?: components["schemas"]["__schema46"];
            outputM2PerH?: components["schemas"]["__schema47"];
            product?: components["schemas"]["__schema344"];
            chemistry?: components["schemas"]["__schema51"];
            shade?: components["schemas"]["__schema52"];
            kind: components["schemas"]["__schema53"];
            role: components["schemas"]["__schema54"];
            treats?: components["schemas"]["__schema55"];
            fillsFromFallPct?: components["schemas"]["__schema56"];
            rate: components["schemas"]["__schema353"];
            says?: components["schemas"]["__schema70"];
            densityKgPerL: components["schemas"]["__schema71"];
            volumeSolids?: components["schemas"]["__schema72"];
            massSolids?: components["schemas"]["__schema72"];
            volatileKgPerL?: components["schemas"]["__schema74"];
            elongationPct?: components["schemas"]["__schema47"];
            blocksBleed?: components["schemas"]["__schema76"];
            containers: components["schemas"]["__schema77"];
            mix?: components["schemas"]["__schema375"];
            largestMixKg?: components["schemas"]["__schema81"];
            catalyst?: components["schemas"]["__schema378"];
            thickener?: components["schemas"]["__schema85"];
            thinning?: components["schemas"]["__schema383"];
            stirring?: components["schemas"]["__schema384"];
            potLife: components["schemas"]["__schema89"];
            kettle?: components["schemas"]["__schema95"];
            tools: components["schemas"]["__schema392"];
            direction: components["schemas"]["__schema99"];
            limits: components["schemas"]["limits"];
            cure: components["schemas"]["__schema100"];
            overcoatOpen?: components["schemas"]["__schema76"];
            ifMissed: components["schemas"]["__schema24"];
            missed: components["schemas"]["__schema112"];
            remedies?: components["schemas"]["__schema114"];
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: components["schemas"]["__schema24"];
            only?: components["schemas"]["__schema46"];
            outputM2PerH?: components["schemas"]["__schema47"];
            product?: components["schemas"]["__schema344"];
            /** @constant */
            kind: "fabric";
            /** @enum {string} */
            material?: "polyester fleece" | "glass mat" | "polyester fabric" | "glass mesh";
            embeddedIn: components["schemas"]["id"];
            weightGPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            rollWidthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            rollLengthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            sideLapMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            endLapMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @enum {string} */
            direction?: "along the courses" | "across the layer below" | "any";
            /** @enum {string} */
            faceDown?: "fleecy" | "smooth" | "either";
            /** @enum {string} */
            where?: "throughout" | "details";
            /** @enum {string} */
            edges?: "alike" | "one frayed" | "one bare";
            reachMm?: components["schemas"]["__schema117"];
            otherRolls?: components["schemas"]["__schema119"];
            pricePerRoll?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: components["schemas"]["__schema24"];
            only?: components["schemas"]["__schema46"];
            outputM2PerH?: components["schemas"]["__schema47"];
            product?: components["schemas"]["__schema344"];
            /** @constant */
            kind: "broadcast";
            into: components["schemas"]["id"];
            /** @enum {string} */
            method: "light" | "at a rate" | "to refusal";
            grading: string;
            thrownKgPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            retainedKgPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            standsMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            bagKg: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            pricePerBag?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: components["schemas"]["__schema24"];
            only?: components["schemas"]["__schema46"];
            outputM2PerH?: components["schemas"]["__schema47"];
            product?: components["schemas"]["__schema344"];
            chemistry?: components["schemas"]["__schema51"];
            shade?: components["schemas"]["__schema52"];
            /** @constant */
            kind: "sheet";
            /** @enum {string} */
            bonding: "self-adhered" | "torched" | "cold adhesive" | "hot bonded" | "mechanically fixed";
            thicknessMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            weightKgPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            rollWidthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            rollLengthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            sideLapMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            endLapMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @enum {string} */
            offset: "none" | "centred on the ply below" | "crossed";
            staggerMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @enum {string} */
            surfacing: "film" | "sand" | "granules" | "foil" | "bare";
            /** @default  */
            granuleLaps: string;
            /** @enum {string} */
            edges?: "alike" | "one frayed" | "one bare";
            seam?: {
                /** @enum {string} */
                kind: "hot-air weld" | "tape" | "adhesive";
                widthMm: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
            };
            fasteners?: components["schemas"]["__schema121"];
            reachMm?: components["schemas"]["__schema117"];
            headNailsMm?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            temporaryNails?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            otherRolls?: components["schemas"]["__schema119"];
            relaxMinutes?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default [] */
            tools: components["schemas"]["__schema393"][];
            limits: components["schemas"]["limits"];
            ifMissed: string;
            /** @default {} */
            missed: components["schemas"]["__schema113"];
            remedies?: components["schemas"]["__schema115"];
            pricePerRoll?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: components["schemas"]["__schema24"];
            only?: components["schemas"]["__schema46"];
            outputM2PerH?: components["schemas"]["__schema47"];
            product?: components["schemas"]["__schema344"];
            /** @constant */
            kind: "protection";
            /** @enum {string} */
            material: "board" | "insulation board" | "fleece" | "drainage mat" | "sheet" | "pavers" | "mortar" | "gravel" | "soil build-up";
            /** @enum {string} */
            laid: "loose" | "bonded" | "embedded hot" | "mechanically fixed";
            thicknessMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            weightKgPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            pieceWidthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            pieceLengthM: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            lapMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            fasteners?: components["schemas"]["__schema121"];
            reachMm?: components["schemas"]["__schema117"];
            pricePerPiece?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        } | {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            note: components["schemas"]["__schema24"];
            only?: components["schemas"]["__schema46"];
            outputM2PerH?: components["schemas"]["__schema47"];
            product?: components["schemas"]["__schema344"];
            /** @constant */
            kind: "pieces";
            heightMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            clearanceMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            skinAboveMm: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            pieces: components["schemas"]["__schema122"][];
            limits: components["schemas"]["limits"];
            ifMissed: string;
        };
        orderOutput: {
            wastePct: {
                liquid: components["schemas"]["__schema127"];
                fabric: components["schemas"]["__schema127"];
                aggregate: components["schemas"]["__schema127"];
                /**
                 * @default {
                 *       "value": 5,
                 *       "source": "typical"
                 *     }
                 */
                sheet: components["schemas"]["__schema127"];
                /**
                 * @default {
                 *       "value": 10,
                 *       "source": "typical"
                 *     }
                 */
                sundry: components["schemas"]["__schema127"];
            };
            /**
             * @default {
             *       "value": 8,
             *       "source": "typical"
             *     }
             */
            oversprayPct: components["schemas"]["__schema127"];
            /**
             * @default {
             *       "value": 0.15,
             *       "source": "typical"
             *     }
             */
            profileLPerM2: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
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
            /**
             * @default {
             *       "value": 700,
             *       "source": "typical"
             *     }
             */
            palletKg: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
            /** @default [] */
            stock: components["schemas"]["__schema128"][];
            /** @default [] */
            deliveries: components["schemas"]["__schema129"][];
            /** @default [] */
            sheets: components["schemas"]["__schema130"][];
            supplies: {
                /**
                 * @default {
                 *       "value": 5,
                 *       "source": "typical"
                 *     }
                 */
                seasonFromC: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 25,
                 *       "source": "typical"
                 *     }
                 */
                seasonToC: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 10,
                 *       "source": "typical"
                 *     }
                 */
                reservePct: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.03,
                 *       "source": "typical"
                 *     }
                 */
                washLPerM2: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.25,
                 *       "source": "typical"
                 *     }
                 */
                degreaserLPerM2: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 2,
                 *       "source": "typical"
                 *     }
                 */
                repairMortarKgPerL: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 1.7,
                 *       "source": "typical"
                 *     }
                 */
                fillerKgPerL: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 10,
                 *       "source": "typical"
                 *     }
                 */
                mortarMorePct: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 1,
                 *       "source": "typical"
                 *     }
                 */
                cleanerLPerToolDay: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 2,
                 *       "source": "typical"
                 *     }
                 */
                maskings: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.25,
                 *       "source": "typical"
                 *     }
                 */
                torchGasKgPerM2: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.05,
                 *       "source": "typical"
                 *     }
                 */
                kettleGasKgPerKg: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.4,
                 *       "source": "typical"
                 *     }
                 */
                seamAdhesiveKgPerM2: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
            };
            /** @default [] */
            offers: components["schemas"]["__schema427"][];
            pricesFrom?: components["schemas"]["id"];
            /** @default 0 */
            taxPct: string;
            courses: components["schemas"]["coursesOutput"];
        };
        coursesOutput: {
            rules: {
                /**
                 * @default {
                 *       "value": 33,
                 *       "source": "typical"
                 *     }
                 */
                upSlopeAbovePct: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                reachMm: {
                    /**
                     * @default {
                     *       "value": 0,
                     *       "source": "typical"
                     *     }
                     */
                    upstand: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 0,
                     *       "source": "typical"
                     *     }
                     */
                    parapet: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 0,
                     *       "source": "typical"
                     *     }
                     */
                    threshold: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 20,
                     *       "source": "typical"
                     *     }
                     */
                    drip: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 50,
                     *       "source": "typical"
                     *     }
                     */
                    gutter: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": -10,
                     *       "source": "typical"
                     *     }
                     */
                    joint: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 150,
                     *       "source": "typical"
                     *     }
                     */
                    "tie-in": {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 0,
                     *       "source": "typical"
                     *     }
                     */
                    free: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 0,
                     *       "source": "typical"
                     *     }
                     */
                    "wall-top": {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                    /**
                     * @default {
                     *       "value": 0,
                     *       "source": "typical"
                     *     }
                     */
                    footing: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                };
                /**
                 * @default {
                 *       "value": 10,
                 *       "source": "typical"
                 *     }
                 */
                openingClearMm: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.5,
                 *       "source": "typical"
                 *     }
                 */
                outletClearM: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 1,
                 *       "source": "typical"
                 *     }
                 */
                leastPieceM: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 150,
                 *       "source": "typical"
                 *     }
                 */
                leastTopMm: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.3,
                 *       "source": "typical"
                 *     }
                 */
                staggerM: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.3,
                 *       "source": "typical"
                 *     }
                 */
                leastBoardM: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 0.2,
                 *       "source": "typical"
                 *     }
                 */
                lapPrimerKgPerM2: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default cap strip
                 * @enum {string}
                 */
                ridge: "cap strip" | "fold over";
                /**
                 * @default {
                 *       "value": 200,
                 *       "source": "typical"
                 *     }
                 */
                ridgeReachMm: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
            };
            /** @default [] */
            plans: components["schemas"]["coursePlanOutput"][];
        };
        coursePlanOutput: {
            zoneId: components["schemas"]["id"];
            layerId: components["schemas"]["id"];
            /**
             * @default by the fall
             * @enum {string}
             */
            way: "by the fall" | "across the fall" | "up the fall" | "along a side";
            side?: number;
            firstM?: number;
            /** @default [] */
            fixed: components["schemas"]["__schema430"][];
            /** @default [] */
            keepOff: components["schemas"]["__schema135"][];
        };
        programmeOutput: {
            /** @default [] */
            crews: components["schemas"]["crewOutput"][];
            hours: {
                /** @default 07:00 */
                from: components["schemas"]["__schema139"];
                /** @default 16:30 */
                to: components["schemas"]["__schema139"];
                /** @default 12:00 */
                breakFrom: components["schemas"]["__schema139"];
                /** @default 30 */
                breakMin: number;
                /**
                 * @default [
                 *       1,
                 *       2,
                 *       3,
                 *       4,
                 *       5
                 *     ]
                 */
                days: components["schemas"]["__schema140"][];
            };
            /** @default [] */
            off: components["schemas"]["__schema437"][];
            inspector?: {
                /** @default 11:00 */
                from: components["schemas"]["__schema139"];
                /** @default 12:00 */
                to: components["schemas"]["__schema139"];
                /**
                 * @default [
                 *       1,
                 *       2,
                 *       3,
                 *       4,
                 *       5
                 *     ]
                 */
                days: components["schemas"]["__schema140"][];
            };
            /** @default [] */
            contacts: components["schemas"]["__schema439"][];
            machines: {
                /** @default 1 */
                sprayers: number;
                /** @default 1 */
                kettles: number;
            };
            times: {
                /**
                 * @default {
                 *       "value": 20,
                 *       "source": "typical"
                 *     }
                 */
                setUpMin: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 20,
                 *       "source": "typical"
                 *     }
                 */
                clearMin: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 20,
                 *       "source": "typical"
                 *     }
                 */
                moveMin: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /**
                 * @default {
                 *       "value": 10,
                 *       "source": "typical"
                 *     }
                 */
                changeMin: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
                /** @default {} */
                stepMin: {
                    [key: string]: {
                        value: number;
                        source: components["schemas"]["source"];
                        cites?: components["schemas"]["__schema37"];
                    };
                };
            };
            costs: {
                /** @default [] */
                items: components["schemas"]["__schema144"][];
                addPct?: {
                    value: number;
                    source: components["schemas"]["source"];
                    cites?: components["schemas"]["__schema37"];
                };
            };
            loud?: {
                /** @default 09:00 */
                from: components["schemas"]["__schema139"];
                /** @default 16:00 */
                to: components["schemas"]["__schema139"];
            };
            /** @default [] */
            taken: components["schemas"]["__schema441"][];
            /** @default [] */
            apart: components["schemas"]["__schema146"][];
            /** @default [] */
            opened: components["schemas"]["id"][];
            /** @default [] */
            floods: components["schemas"]["__schema147"][];
            /** @default [] */
            expects: components["schemas"]["__schema444"][];
            /** @default [] */
            deadlines: components["schemas"]["__schema445"][];
            /** @default [] */
            pins: components["schemas"]["__schema150"][];
            kept?: components["schemas"]["__schema151"];
            baseline?: components["schemas"]["__schema151"];
        };
        crewOutput: {
            id: components["schemas"]["id"];
            name: components["schemas"]["name"];
            people: number;
            /** @default [] */
            names: components["schemas"]["name"][];
            /** @default [] */
            skills: components["schemas"]["__schema136"][];
            /** @default [] */
            off: components["schemas"]["__schema137"][];
            /** @default [] */
            only: components["schemas"]["__schema137"][];
            ratePerH?: {
                value: number;
                source: components["schemas"]["source"];
                cites?: components["schemas"]["__schema37"];
            };
        };
        provingOutput: {
            /** @default [] */
            demands: components["schemas"]["__schema449"][];
            /** @default [] */
            guarantees: components["schemas"]["__schema451"][];
        };
        siteOutput: {
            bays: components["schemas"]["bay"][];
            cuts: components["schemas"]["__schema159"][];
            /** @default [] */
            access: components["schemas"]["__schema160"][];
        };
        weatherOutput: {
            place?: components["schemas"]["__schema161"];
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
                originAt?: components["schemas"]["__schema162"];
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
            kind: components["schemas"]["__schema163"];
            source: components["schemas"]["name"];
            simulated: components["schemas"]["__schema34"];
            place?: components["schemas"]["__schema166"];
            issuedAt: components["schemas"]["instant"];
            startAt: components["schemas"]["__schema162"];
            hours: components["schemas"]["__schema167"];
            columns: components["schemas"]["weatherColumns"];
            members?: components["schemas"]["__schema177"];
        };
        drawingOutput: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "drawing";
            label: string;
            frame: [
                components["schemas"]["__schema281"],
                components["schemas"]["__schema281"],
                components["schemas"]["__schema281"],
                components["schemas"]["__schema281"]
            ];
            widthMm?: number;
            /** @default 120 */
            mostHeightMm: number;
            shapes: components["schemas"]["__schema572"][];
        };
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
    parameters: never;
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
                            id: components["schemas"]["__schema193"];
                            version: components["schemas"]["__schema5"];
                            archived: components["schemas"]["__schema76"];
                            createdAt: components["schemas"]["__schema193"];
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
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": components["schemas"]["__schema304"];
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
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": components["schemas"]["__schema304"];
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
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putJobsByJobIdArchived: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": unknown;
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
                jobId: components["schemas"]["__schema0"];
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
                "If-Match": components["schemas"]["__schema8"];
            };
            path: {
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": {
                        version: number;
                    };
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdPlanGeojson: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                    "application/geo+json": string;
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
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": unknown;
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
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
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
                "If-Match": components["schemas"]["__schema8"];
            };
            path: {
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": {
                        version: number;
                    };
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdOrder: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                "If-Match": components["schemas"]["__schema8"];
            };
            path: {
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": {
                        version: number;
                    };
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdOrderCsv: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
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
                "If-Match": components["schemas"]["__schema8"];
            };
            path: {
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": {
                        version: number;
                    };
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdProving: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                "If-Match": components["schemas"]["__schema8"];
            };
            path: {
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": {
                        version: number;
                    };
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": components["schemas"]["__schema453"];
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
                    "application/json": components["schemas"]["__schema453"];
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
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
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
                "If-Match": components["schemas"]["__schema8"];
            };
            path: {
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": {
                        version: number;
                    };
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": components["schemas"]["__schema460"];
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
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
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
                        /** Format: date-time */
                        at: string;
                        timeZone: string;
                        bays: {
                            all: number;
                            done: number;
                        };
                        urgent: components["schemas"]["__schema462"][];
                        now: components["schemas"]["__schema462"][];
                        waits: components["schemas"]["__schema462"][];
                        closes?: components["schemas"]["__schema463"];
                        opens?: components["schemas"]["__schema463"];
                        delivery?: {
                            /** Format: date */
                            on: string;
                            name: string;
                        };
                        last?: {
                            /** Format: date-time */
                            at: string;
                            who: string;
                            says: string;
                        };
                        weather?: {
                            airC?: number;
                            rainMm?: number;
                            /** Format: date-time */
                            rainFrom?: string;
                            mostWindMPerS?: number;
                        };
                        order: [
                            number,
                            number
                        ];
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
                jobId: components["schemas"]["__schema0"];
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
                "If-Match": components["schemas"]["__schema8"];
            };
            path: {
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": {
                        version: number;
                    };
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdWeatherSeries: {
        parameters: {
            query?: {
                from?: components["schemas"]["__schema162"];
            };
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": Record<string, never>;
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
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
                seriesId: components["schemas"]["__schema0"];
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
                    "application/json": {
                        id: string;
                    };
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
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postJobsByJobIdWeatherSeriesBySeriesIdWithdraw: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
                seriesId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": Record<string, never>;
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
                        id: string;
                    };
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
                    "application/json": components["schemas"]["__schema481"];
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
                "application/json": components["schemas"]["__schema178"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["__schema481"];
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
                "application/json": components["schemas"]["__schema178"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["__schema481"];
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
                        sources: components["schemas"]["__schema482"][];
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
                "If-Match": components["schemas"]["__schema8"];
            };
            path: {
                sourceId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    source: {
                        name: components["schemas"]["__schema179"];
                        kind: components["schemas"]["__schema180"];
                        address: components["schemas"]["__schema181"];
                        keyHeader?: components["schemas"]["__schema182"];
                        leastMinutes: components["schemas"]["__schema183"];
                        map: components["schemas"]["__schema184"];
                    };
                    key?: components["schemas"]["__schema197"] | null;
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
                    "application/json": components["schemas"]["__schema482"];
                };
            };
            /** @description Another source has this name */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Somebody else changed it */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postFirmWeatherSourcesBySourceIdPutAway: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                sourceId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": Record<string, never>;
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
                        id: string;
                    };
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
                        kind: components["schemas"]["__schema180"];
                        address: components["schemas"]["__schema181"];
                        keyHeader?: components["schemas"]["__schema182"];
                    };
                    place: components["schemas"]["__schema161"];
                    key?: components["schemas"]["__schema197"];
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
            502: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdWeatherSources: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
                entryId: components["schemas"]["__schema0"];
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
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdRecordCheck: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
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
                            receipt: components["schemas"]["__schema255"];
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
                jobId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": Record<string, never>;
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["__schema255"];
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
                jobId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    receipts: components["schemas"]["__schema255"][];
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
                            receipt: components["schemas"]["__schema255"];
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
                at?: components["schemas"]["__schema162"];
            };
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": components["schemas"]["__schema560"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdHandoverPdf: {
        parameters: {
            query: {
                zone: components["schemas"]["id"];
                at?: components["schemas"]["__schema162"];
                size?: components["schemas"]["__schema258"];
                landscape?: components["schemas"]["__schema259"];
            };
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    zone: components["schemas"]["id"];
                    at?: components["schemas"]["__schema162"];
                    size?: components["schemas"]["__schema258"];
                    landscape?: components["schemas"]["__schema259"];
                    /** @constant */
                    make: "pdf";
                } | {
                    zone: components["schemas"]["id"];
                    at?: components["schemas"]["__schema162"];
                    size?: components["schemas"]["__schema258"];
                    landscape?: components["schemas"]["__schema259"];
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
                    "application/json": components["schemas"]["__schema580"];
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
                jobId: components["schemas"]["__schema0"];
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
                        handedOver: number;
                        of: number;
                        due: components["schemas"]["__schema581"][];
                        next?: components["schemas"]["__schema581"];
                        openSnags: number;
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
                at?: components["schemas"]["__schema162"];
            };
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                        /** Format: date-time */
                        from?: string;
                        /** @enum {string} */
                        countedFrom?: "handed over" | "finished" | "today";
                        unproven?: string[];
                        dates: {
                            what: components["schemas"]["__schema582"];
                            from: components["schemas"]["__schema137"];
                            to: components["schemas"]["__schema137"];
                            state: components["schemas"]["__schema584"];
                            entryId?: components["schemas"]["__schema37"];
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
                at?: components["schemas"]["__schema162"];
            };
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                at?: components["schemas"]["__schema162"];
                year: components["schemas"]["__schema260"];
            };
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": components["schemas"]["__schema560"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getJobsByJobIdUpkeepSheetPdf: {
        parameters: {
            query: {
                zone: components["schemas"]["id"];
                at?: components["schemas"]["__schema162"];
                year: components["schemas"]["__schema260"];
                size?: components["schemas"]["__schema258"];
                landscape?: components["schemas"]["__schema259"];
            };
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                at?: components["schemas"]["__schema162"];
                size?: components["schemas"]["__schema258"];
                landscape?: components["schemas"]["__schema259"];
            };
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
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
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description No stream just now */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                personId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    name: components["schemas"]["__schema179"];
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
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getPeopleByPersonIdFile: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                personId: components["schemas"]["__schema0"];
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
                    "application/json": unknown;
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
                personId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": Record<string, never>;
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
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                jobId: components["schemas"]["__schema0"];
                sha256: components["schemas"]["__schema0"];
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
                jobId: components["schemas"]["__schema0"];
                sha256: components["schemas"]["__schema0"];
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
                    "application/json": {
                        id: string;
                    };
                };
            };
            /** @description No picture, or not whole */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                    "application/json": components["schemas"]["__schema586"];
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
                "If-Match": components["schemas"]["__schema8"];
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["__schema2"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["__schema586"];
                };
            };
            /** @description Somebody else changed them */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                    "application/json": components["schemas"]["__schema587"];
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
                    login: components["schemas"]["__schema262"];
                    password: components["schemas"]["__schema263"];
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
                    "application/json": components["schemas"]["__schema587"];
                };
            };
            /** @description The name or the password is wrong */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too many wrong tries */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                    name: components["schemas"]["__schema179"];
                    login: components["schemas"]["__schema262"];
                    password: components["schemas"]["__schema263"];
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
                    "application/json": components["schemas"]["__schema587"];
                };
            };
            /** @description They do already */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                "application/json": Record<string, never>;
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": unknown;
                };
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
                    old: components["schemas"]["__schema263"];
                    password: components["schemas"]["__schema263"];
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
                    "application/json": unknown;
                };
            };
            /** @description The old password is wrong */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                    code: components["schemas"]["__schema264"];
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
                    code: components["schemas"]["__schema264"];
                    login: components["schemas"]["__schema262"];
                    password: components["schemas"]["__schema263"];
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
                    "application/json": components["schemas"]["__schema587"];
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
                            personId: components["schemas"]["__schema193"];
                            name: components["schemas"]["__schema193"];
                            login: string | null;
                            firmRole: ("owner" | "estimator" | "foreman" | "applicator" | "inspector") | null;
                            jobRoles: {
                                [key: string]: "estimator" | "foreman" | "applicator" | "inspector" | "client";
                            };
                            madeAt: components["schemas"]["__schema193"];
                            closedAt: components["schemas"]["__schema193"] | null;
                            codeUntil: components["schemas"]["__schema193"] | null;
                            seenAt: components["schemas"]["__schema193"] | null;
                            forgottenAt: components["schemas"]["__schema591"];
                        }[];
                        others: {
                            personId: components["schemas"]["__schema193"];
                            name: components["schemas"]["__schema193"];
                            forgottenAt: components["schemas"]["__schema591"];
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
                accountId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    name: components["schemas"]["__schema179"];
                    firmRole: ("owner" | "estimator" | "foreman" | "applicator" | "inspector") | null;
                    jobRoles: {
                        [key: string]: components["schemas"]["__schema265"];
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
                    "application/json": unknown;
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
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postAccountsByAccountIdCode: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                accountId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": Record<string, never>;
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["__schema592"];
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
                accountId: components["schemas"]["__schema0"];
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
                    "application/json": unknown;
                };
            };
            /** @description Nobody would be the owner */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postAccountsByAccountIdSignOut: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                accountId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": Record<string, never>;
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": unknown;
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
                            at: components["schemas"]["__schema193"];
                            what: string;
                            who: string | null;
                            about: string | null;
                            address: string | null;
                            detail: {
                                [key: string]: unknown;
                            };
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
                    "application/json": components["schemas"]["__schema593"];
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
                    "application/json": components["schemas"]["__schema593"];
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
                accountId: components["schemas"]["__schema0"];
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
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The mail server did not take it */
            502: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                "application/json": Record<string, never>;
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["__schema594"];
                };
            };
            /** @description The server was asked by an address of numbers */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                    response: components["schemas"]["__schema266"];
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
                    "application/json": components["schemas"]["__schema587"];
                };
            };
            /** @description The passkey is not good here */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too many wrong tries */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                    response: components["schemas"]["__schema266"];
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
                    "application/json": unknown;
                };
            };
            /** @description It is not what was asked for */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                "application/json": Record<string, never>;
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["__schema594"];
                };
            };
            /** @description No password was chosen yet, or the server was asked by an address of numbers */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postSessionPasskeysByPasskeyIdEnd: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                passkeyId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": Record<string, never>;
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": unknown;
                };
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
                            id: components["schemas"]["__schema193"];
                            device: components["schemas"]["__schema193"];
                            madeAt: components["schemas"]["__schema193"];
                            seenAt: components["schemas"]["__schema193"];
                            name: components["schemas"]["__schema599"];
                            job: components["schemas"]["__schema599"];
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
                sessionId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": Record<string, never>;
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": unknown;
                };
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
                    key: components["schemas"]["__schema268"];
                    deviceId: components["schemas"]["id"];
                    name: components["schemas"]["__schema264"];
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
                    "application/json": unknown;
                };
            };
            /** @description The key was withdrawn */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                "application/json": components["schemas"]["__schema270"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["__schema592"];
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
                    code: components["schemas"]["__schema264"];
                    key: components["schemas"]["__schema268"];
                    deviceId: components["schemas"]["id"];
                    name: components["schemas"]["__schema264"];
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
                    "application/json": components["schemas"]["__schema587"];
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
                accountId: components["schemas"]["__schema0"];
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
                            id: components["schemas"]["__schema193"];
                            device: components["schemas"]["__schema193"];
                            madeAt: components["schemas"]["__schema193"];
                            seenAt: components["schemas"]["__schema193"];
                            name: components["schemas"]["__schema599"];
                            job: components["schemas"]["__schema599"];
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
                accountId: components["schemas"]["__schema0"];
                sessionId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": Record<string, never>;
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": unknown;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postAccountsByAccountIdDeviceCode: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                accountId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["__schema270"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["__schema592"];
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
                jobId: components["schemas"]["__schema0"];
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
                            madeAt: components["schemas"]["__schema193"];
                            until: components["schemas"]["__schema193"];
                            endedAt: components["schemas"]["__schema193"] | null;
                            opened: number;
                            openedAt: components["schemas"]["__schema193"] | null;
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
                jobId: components["schemas"]["__schema0"];
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
                        until: components["schemas"]["__schema193"];
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
                jobId: components["schemas"]["__schema0"];
                linkId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": Record<string, never>;
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": unknown;
                };
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
                    "application/json": components["schemas"]["__schema587"];
                };
            };
            /** @description The link is not good */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too many wrong tries */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                            begunAt: components["schemas"]["__schema193"];
                            seenAt: components["schemas"]["__schema193"];
                            streams: number;
                            tasks: number;
                            ends: boolean;
                            lost: boolean;
                        }[] | null;
                        tasks: {
                            id: string;
                            kind: string;
                            job: string | null;
                            askedAt: components["schemas"]["__schema193"];
                            /** @enum {string} */
                            state: "waiting" | "working" | "failed";
                            share: number;
                            doing: string;
                            says: string | null;
                        }[];
                        databaseBytes: number | null;
                        jobs: number;
                        entries: number;
                        signedAt: components["schemas"]["__schema193"] | null;
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
                buildUpId: components["schemas"]["__schema0"];
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
                "If-Match": components["schemas"]["__schema8"];
            };
            path: {
                buildUpId: components["schemas"]["__schema0"];
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
                    "application/json": {
                        version: number;
                    };
                };
            };
            /** @description Somebody else saved first; the newest version is in the answer */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getLibraryByBuildUpIdRevisions: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                buildUpId: components["schemas"]["__schema0"];
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
                "If-Match": components["schemas"]["__schema8"];
            };
            path: {
                buildUpId: components["schemas"]["__schema0"];
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
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nothing changed, or something is wrong */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getLibraryByBuildUpIdRevisionsByRevision: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                buildUpId: components["schemas"]["__schema0"];
                revision: components["schemas"]["__schema0"];
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
                buildUpId: components["schemas"]["__schema0"];
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
                        papers: components["schemas"]["__schema603"][];
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
                buildUpId: components["schemas"]["__schema0"];
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
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": unknown;
                };
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
                sha256: components["schemas"]["__schema0"];
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
                sha256: components["schemas"]["__schema0"];
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
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postPrintoutsPdf: {
        parameters: {
            query?: {
                size?: components["schemas"]["__schema258"];
                landscape?: components["schemas"]["__schema259"];
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
                    blocks: components["schemas"]["__schema271"][];
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
                jobId: components["schemas"]["__schema0"];
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
                            pictures: components["schemas"]["__schema604"][];
                            /** @default [] */
                            picturesLeftOut: components["schemas"]["__schema206"][];
                            /** @default [] */
                            papers: components["schemas"]["__schema603"][];
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
                jobId: components["schemas"]["__schema0"];
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
                    } | components["schemas"]["__schema580"];
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
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    getTasksByTaskId: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                taskId: components["schemas"]["__schema0"];
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
                    "application/json": components["schemas"]["__schema606"];
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
                taskId: components["schemas"]["__schema0"];
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
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    postTasksByTaskIdCancel: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                taskId: components["schemas"]["__schema0"];
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
                    "application/json": components["schemas"]["__schema606"];
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
                taskId: components["schemas"]["__schema0"];
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
                    "application/json": components["schemas"]["__schema606"];
                };
            };
            /** @description It is on its way, or done */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    putDemoByJobId: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                jobId: components["schemas"]["__schema0"];
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
                    "application/json": {
                        id: string;
                    };
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
                instrumentId: components["schemas"]["__schema0"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    target: string;
                    places: components["schemas"]["__schema290"][];
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
                        /** Format: date-time */
                        takenAt: string;
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
            502: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
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
                    units?: components["schemas"]["__schema1"];
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
                    "application/json": unknown;
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
                    "application/json": unknown;
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
                    "application/json": unknown;
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
                    "application/json": unknown;
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
                    surface?: components["schemas"]["__schema291"];
                    resin: components["schemas"]["__schema291"];
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
                    "application/json": unknown;
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
                    "application/json": unknown;
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
                    "application/json": unknown;
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
                    "application/json": unknown;
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
                    accessM: components["schemas"]["__schema15"];
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
                    "application/json": unknown;
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
                    "application/json": components["schemas"]["__schema460"];
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
                "application/json": components["schemas"]["__schema292"];
            };
        };
        responses: {
            /** @description Done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": unknown;
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
                    reading: components["schemas"]["__schema292"];
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
                    "application/json": unknown;
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
                    "application/json": unknown;
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
                    legs: components["schemas"]["__schema9"][];
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
                    "application/json": unknown;
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
                    "application/json": unknown;
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
                    "application/json": unknown;
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
                    "application/json": unknown;
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
                    family: components["schemas"]["__schema36"];
                    /** @enum {string} */
                    primerSchool: "test may spare" | "always";
                    /** Format: date-time */
                    now: string;
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
                    "application/json": unknown;
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
                    "application/json": unknown;
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
                    /** Format: date-time */
                    now: string;
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
                    "application/json": unknown;
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
                    /** @enum {string} */
                    rule: "average-and-spots" | "mean-and-share" | "minimum";
                    /** @enum {string} */
                    gauge: "fine" | "middle" | "deep" | "probe" | "mil-fine" | "mil-middle" | "mil-deep" | "mil-probe";
                    lastWetMm: components["schemas"]["__schema5"][];
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
                    "application/json": unknown;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
}
