# Completion of bollard-cli: subcommands, their options, and files.
_bollard_cli() {
    local word=${COMP_WORDS[COMP_CWORD]} before=${COMP_WORDS[COMP_CWORD - 1]}
    COMPREPLY=()
    if [ "$COMP_CWORD" -eq 1 ]; then
        COMPREPLY=($(compgen -W "make check measure picture typefaces drawing format dump mend proof shop series send
            sheet thumbnail --help --version" -- "$word"))
        return
    fi
    case $before in
        --as) COMPREPLY=($(compgen -W "stl 3mf step nc dxf svg png pdf" -- "$word")); return ;;
        --turn) COMPREPLY=($(compgen -W "none half quarter any" -- "$word")); return ;;
        --paper) COMPREPLY=($(compgen -W "a4 letter" -- "$word")); return ;;
        --view) COMPREPLY=($(compgen -W "flat body" -- "$word")); return ;;
    esac
    if [[ $word == -* ]]; then
        COMPREPLY=($(compgen -W "$(bollard-cli "${COMP_WORDS[1]}" --help 2>/dev/null |
            grep -oE -- '--[a-z-]+|^ *-[a-z],' | tr -d ' ,')" -- "$word"))
        return
    fi
    COMPREPLY=($(compgen -f -- "$word"))
}
complete -o filenames -F _bollard_cli bollard-cli
