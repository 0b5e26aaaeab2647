console.log(`bin/owl VERB

  demo     the demo academy with its footage: installs what is missing, loads, builds, starts
           (demo --fresh throws away what was tried in the demo and loads it anew)
  start    your own academy; the first visit creates the head coach's account
           (start --address ADDRESS: also on the network, with TLS; --certificate FILE --key FILE: with your own certificate)
  stop     stops the application and its database
  camera   a mat camera's stand-in: lays recorded rounds into the inbox, as a real one would (camera 5: five of them)
  work     one more process for the background work
  password a new password for somebody who has forgotten theirs (password ludo), shown once
  backup   a backup of the academy, also while it runs (backup FOLDER: on another disk)
  verify   reads every byte of the backups (verify FOLDER)
  restore  puts the academy back as the newest whole backup has it (restore FOLDER --backup NAME; --replace sets aside
           the academy that is there now)
  upgrade  another version of the program, with a backup first (upgrade VERSION; upgrade --back: the way back)
  status   what is running, where the data lie
  dev      the demo academy for whoever writes the program: pages and worker follow the files; in the foreground
  test     every check and test, with its own set-up
           (test NAME: one check, or every test whose file has NAME in its path; test faults: two hundred kills, counted)
  bench    the benchmarks, written to bench/results (bench PART: language, classes, footage, pages, academy,
           or soak: half an hour of work, by its name only)
  help     this text

The address is http://127.0.0.1:4310 unless OWL_PORT says otherwise. Data lie in data/ beside the code,
or where OWL_HOME says.  OWL_PROXIES=1 when one proxy of yours stands in front.  OWL_RESERVE_BYTES is the room that footage leaves on the disk (2 GiB).`);
