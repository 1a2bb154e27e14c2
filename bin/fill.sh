# A template of deploy/ with each @NAME@ of it replaced by the variable of that name. Sourced, never run.
fill() {
    local text name
    text=$(<"$1")
    while [[ $text =~ @([A-Z_]+)@ ]]; do
        name=${BASH_REMATCH[1]}
        [ -n "${!name+set}" ] || fail "$1 wants $name"
        text=${text//@$name@/${!name}}
    done
    printf '%s\n' "$text"
}
