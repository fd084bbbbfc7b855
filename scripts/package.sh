# A release for people who build nothing. Read by ./ripple-rest.

# notices FILE: what of others ships with it, and under which licence.
notices() {
  {
    echo "Ripple Rest ships with the work of others, each under its own licence."
    echo
    echo "In the application (Java):"
    unzip -Z1 "$APP_JAR" 'BOOT-INF/lib/*.jar' | sed 's|.*/||' | grep -vE '^(core|exchange|devices|web)-' | sort | while read -r jar; do
      local found
      found=$(unzip -p "$APP_JAR" "BOOT-INF/lib/$jar" >"$1.jar" && unzip -p "$1.jar" META-INF/MANIFEST.MF 2>/dev/null | tr -d '\r' | sed -n 's/^Bundle-License: *//p' | head -1)
      printf '  %-50s %s\n' "$jar" "${found:-see the licence inside}"
    done
    rm -f "$1.jar"
    echo
    echo "In the page (npm):"
    (cd "$ROOT/web" && npm ls --omit=dev --all --parseable 2>/dev/null | tail -n +2 | sort -u | while read -r folder; do
      node -p "const p=require('$folder/package.json'); '  '+(p.name+' '+p.version).padEnd(50)+' '+(p.license||'see its package')" 2>/dev/null
    done)
  } >"$1"
}

package() {
  need_build_tools
  build
  local version folder out
  version=$("$JAVA" -jar "$APP_JAR" --version --short | cut -d' ' -f1)
  out="$ROOT/dist"
  folder="$out/ripple-rest-$version"
  rm -rf "$out"
  mkdir -p "$folder/lib" "$folder/scripts"
  cp "$ROOT/ripple-rest" "$ROOT/LICENSE" "$folder/"
  cp "$ROOT"/scripts/{tools,database,shared,instances,watch,backup}.sh "$folder/scripts/"
  cp "$APP_JAR" "$folder/lib/ripple-rest-app.jar"
  cp "$CLI_JAR" "$folder/lib/ripple-rest-cli.jar"
  command -v unzip >/dev/null || install_packages unzip
  notices "$folder/NOTICES.txt"
  cat >"$folder/README.txt" <<README
Ripple Rest $version

    ./ripple-rest start      opens on http://127.0.0.1:8080, with the demo the first time
    ./ripple-rest help       lists the rest: backup, restore, stop, ...

It needs Debian 12 with a Java 17 runtime and PostgreSQL, and says how to install what is missing:

    apt-get install openjdk-17-jre-headless postgresql

Your data is in .ripple-rest beside this file, or in ~/.local/share/ripple-rest where nothing can be
written here. To remove it all, stop it and delete both folders.
README
  tar -C "$out" -czf "$out/ripple-rest-$version.tar.gz" "ripple-rest-$version"
  say "made $out/ripple-rest-$version.tar.gz ($(du -h "$out/ripple-rest-$version.tar.gz" | cut -f1))"
  debian_package "$version" "$folder" "$out"
}

# With its own runtime, by jpackage; the command is linked into the path when it is installed.
debian_package() {
  local version=$1 folder=$2 out=$3 work
  command -v jpackage >/dev/null && command -v fakeroot >/dev/null && command -v objcopy >/dev/null \
    || install_packages openjdk-17-jdk-headless fakeroot binutils
  work=$(mktemp -d)
  mkdir -p "$work/input" "$work/resources"
  cp -a "$folder/." "$work/input/"
  cat >"$work/resources/postinst" <<'POSTINST'
#!/bin/sh
set -e
if [ "$1" = configure ]; then
  chmod 755 /opt/ripple-rest/lib/app/ripple-rest
  ln -sf /opt/ripple-rest/lib/app/ripple-rest /usr/bin/ripple-rest
fi
exit 0
POSTINST
  cat >"$work/resources/prerm" <<'PRERM'
#!/bin/sh
set -e
if [ "$1" = remove ]; then rm -f /usr/bin/ripple-rest; fi
exit 0
PRERM
  jpackage --type deb --name ripple-rest --app-version "$version" --dest "$out" \
    --input "$work/input" --main-jar lib/ripple-rest-app.jar --resource-dir "$work/resources" \
    --jlink-options "--strip-debug --no-man-pages --no-header-files" \
    --add-modules java.se,jdk.unsupported,jdk.crypto.ec,jdk.zipfs,jdk.management,jdk.httpserver,jdk.localedata \
    --linux-package-deps "postgresql, util-linux" --license-file "$folder/LICENSE" \
    --description "Sizes, plans and floats dry flies before they are tied" \
    --vendor "Ripple Rest" --about-url "http://127.0.0.1:8080" >"$work/log" 2>&1 \
    || { tail -5 "$work/log" >&2; rm -rf "$work"; die "could not make the .deb; the lines above say why. The archive is made."; }
  rm -rf "$work"
  say "made $(ls "$out"/*.deb) ($(du -h "$out"/*.deb | cut -f1))"
}
